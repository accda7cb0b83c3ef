<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Often;

use DateTimeImmutable;
use DateTimeZone;
use Nebbia\Core\Data\Table;

/** Ends that are called by a feast or a season: "until Christmas", "all summer", "until autumn". */
final readonly class NamedDays
{
    private const MONTHS = 3;

    private const HALF_A_YEAR = 6;

    public function __construct(private Table $often) {}

    /**
     * @param  string  $whole  as it was said, in small letters
     * @param  string  $bare  without what says that it is an end
     * @param  string  $today  as 2026-05-14
     * @return string|null the last day, on or after today; null where it is called otherwise
     */
    public function read(string $whole, string $bare, string $today, bool $isSouth): ?string
    {
        $words = $this->often->whole();
        $year = (int) substr($today, 0, 4);
        foreach ($words->wordsByMeaning('feasts') as $day => $names) {
            if (in_array($bare, $names, true)) {
                return self::next(static fn (int $year): string => "$year-$day", $year, $today);
            }
        }
        if (in_array($bare, $words->strings('easter'), true)) {
            return self::next(self::easter(...), $year, $today);
        }
        $all = UntilReader::either($words->strings('whole_of'));
        foreach ($words->wordsByMeaning('seasons') as $month => $names) {
            $season = '(?:the |il |la |l\'|o |a )?'.UntilReader::either($names);
            $begins = ((int) $month - 1 + ($isSouth ? self::HALF_A_YEAR : 0)) % 12;
            $isAll = preg_match("/^(?:$all)\s*$season$/u", $bare) === 1 || preg_match("/^(?:$all)\s*$season$/u", $whole) === 1;
            if ($isAll || preg_match("/^$season$/u", $bare) === 1) {
                $after = ($begins + ($isAll ? self::MONTHS : 0)) % 12 + 1;

                return self::next(static fn (int $year): string => self::dayBefore($year, $after), $year, $today);
            }
        }

        return null;
    }

    /**
     * Easter Sunday of the Gregorian calendar: the anonymous computus of 1876, as in J. Meeus, Astronomical Algorithms, chapter 8.
     */
    public static function easter(int $year): string
    {
        $a = $year % 19;
        [$b, $c] = [intdiv($year, 100), $year % 100];
        $g = intdiv($b - intdiv($b + 8, 25) + 1, 3);
        $h = (19 * $a + $b - intdiv($b, 4) - $g + 15) % 30;
        $l = (32 + 2 * ($b % 4) + 2 * intdiv($c, 4) - $h - $c % 4) % 7;
        $m = intdiv($a + 11 * $h + 22 * $l, 451);
        $n = $h + $l - 7 * $m + 114;

        return sprintf('%04d-%02d-%02d', $year, intdiv($n, 31), $n % 31 + 1);
    }

    /** @param  callable(int): string  $of  the day in a year */
    private static function next(callable $of, int $year, string $today): string
    {
        return $of($year) >= $today ? $of($year) : $of($year + 1);
    }

    private static function dayBefore(int $year, int $month): string
    {
        $first = DateTimeImmutable::createFromFormat('!Y-n-j', "$year-$month-1", new DateTimeZone('UTC'));

        return $first === false ? '' : $first->modify('-1 day')->format('Y-m-d');
    }
}
