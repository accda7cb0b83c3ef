<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Often;

use DateTimeImmutable;
use DateTimeZone;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Measure\NumberWords;
use Nebbia\Core\Measure\TypedNumber;
use Nebbia\Core\Mixing\Recipe\Repeat;

/** Reads an end: a number of rounds, a day, how long, the first frost, or when it is gone. */
final readonly class UntilReader
{
    public function __construct(private Table $often, private Table $reading, private NamedDays $days) {}

    /**
     * @param  string  $text  plain, in small letters
     * @param  string  $today  the first day on which it may be, as 2026-05-14
     * @param  bool  $isSouth  of the equator
     * @return array{int|null, string|null, string|null}|null times, last day, gone or frost; null where it cannot be read
     *
     * @throws OftenException where that day has gone by
     */
    public function read(string $text, string $today, bool $isSouth = false): ?array
    {
        $words = $this->often->whole();
        $whole = trim($text, ' .,');
        $text = trim((string) preg_replace('/^'.self::either($words->strings('until')).'\b\s*/u', '', $text), ' .,');
        $said = [...$this->reading->whole()->strings('times'), ...$words->strings('times_one'), ...$words->strings('rounds')];
        $rounds = self::either([...$said, 'x', 'looks']);
        $all = self::either($words->strings('in_all'));
        if (
            preg_match("/^(?:(?:for|per|por)\s+)?(.+?)\s*$rounds(?:\s+$all)?$/u", $text, $m) === 1 ||
            preg_match("/^(?:x\s*|×\s*)?(\d+)(?:\s+$all)?$/u", $text, $m) === 1
        ) {
            $number = self::number($m[1]);
            if ($number !== null && ! preg_match('/\blooks$/', $text)) {
                return $number >= 1.0 && $number <= Repeat::MAX_TIMES && floor($number) === $number ? [(int) $number, null, null] : null;
            }
        }
        if (preg_match('/\b'.self::either($words->strings('frost')).'\b/u', $text) === 1) {
            return [null, null, Often::FROST];
        }
        if (preg_match('/(?:^|\s)'.self::either($words->strings('gone')).'(?:\s|$)/u', $text) === 1) {
            return [null, null, Often::GONE];
        }
        $last = $this->spell($text, $today) ?? $this->day($text, $today) ?? $this->days->read($whole, $text, $today, $isSouth);
        if ($last !== null && $last < $today) {
            throw OftenException::over();
        }

        return $last === null ? null : [null, $last, null];
    }

    /** "For a month", "for 3 days": so long, the first day counted. */
    private function spell(string $text, string $today): ?string
    {
        $said = $this->reading->whole();
        $days = array_fill_keys($said->strings('days'), 1) + array_fill_keys($said->strings('weeks'), 7)
            + array_fill_keys($this->often->whole()->strings('fortnights'), 14);
        $units = self::either([...array_keys($days), ...$said->strings('months')]);
        if (preg_match("/^(?:(?:for|per|por|durante)\s+)?(?:the next\s+)?(.+?)\s+($units)$/u", $text, $m) !== 1) {
            return null;
        }
        $number = self::number($m[1]);
        $start = DateTimeImmutable::createFromFormat('!Y-m-d', $today, new DateTimeZone('UTC'));
        if ($number === null || $number < 1.0 || $number > 366.0 || $start === false) {
            return null;
        }
        if (isset($days[$m[2]])) {
            return $start->modify('+'.((int) round($number * $days[$m[2]]) - 1).' days')->format('Y-m-d');
        }

        return Often::monthsOn($start, (int) round($number))->format('Y-m-d');
    }

    /** "11 June", "June 11", "the end of July", "March", 2026-06-11, 11.6.: the next that comes. */
    private function day(string $text, string $today): ?string
    {
        if (preg_match('/^(\d{4})-(\d{1,2})-(\d{1,2})$/', $text, $m) === 1) {
            return self::written((int) $m[1], (int) $m[2], (int) $m[3]);
        }
        if (preg_match('/^'.self::either($this->often->whole()->strings('mid')).'[\s-]*(\S+)$/u', $text, $m) === 1) {
            return $this->day("15 $m[1]", $today);
        }
        if (preg_match('/^(\d{1,2})\.\s*(\d{1,2})\.?\s*(\d{4})?$/', $text, $m) === 1) {
            return self::next((int) $m[2], (int) $m[1], $today, (int) ($m[3] ?? 0));
        }
        foreach ($this->often->whole()->wordsByMeaning('months') as $number => $names) {
            $month = self::either($names);
            if (preg_match("/^(?:the )?(\d{1,2})(?:st|nd|rd|th|\.|º)?\s*(?:of |di |de )?$month\s*(\d{4})?$/u", $text, $m) === 1) {
                return self::next((int) $number, (int) $m[1], $today, (int) ($m[2] ?? 0));
            }
            if (preg_match("/^$month\s+(?:the )?(\d{1,2})(?:st|nd|rd|th)?,?\s*(\d{4})?$/u", $text, $m) === 1) {
                return self::next((int) $number, (int) $m[1], $today, (int) ($m[2] ?? 0));
            }
            if (preg_match("/^(?:the )?(?:end of|late|fine|fim de|fine di) $month$/u", $text) === 1) {
                return self::next((int) $number, null, $today, 0);
            }
            if (preg_match("/^$month$/u", $text) === 1) {
                $first = self::next((int) $number, 1, $today, 0);
                $begins = $first === null ? false : DateTimeImmutable::createFromFormat('!Y-m-d', $first, new DateTimeZone('UTC'));

                return $begins === false ? null : $begins->modify('-1 day')->format('Y-m-d');
            }
        }

        return null;
    }

    /** @param  int|null  $day  null for the last of the month */
    private static function next(int $month, ?int $day, string $today, int $year): ?string
    {
        $from = (int) substr($today, 0, 4);
        foreach ($year > 0 ? [$year] : [$from, $from + 1] as $one) {
            $last = $month >= 1 && $month <= 12 ? (int) gmdate('t', (int) gmmktime(0, 0, 0, $month, 1, $one)) : 0;
            $date = self::written($one, $month, $day ?? $last);
            if ($date !== null && ($year > 0 || $date >= $today)) {
                return $date;
            }
        }

        return null;
    }

    private static function written(int $year, int $month, int $day): ?string
    {
        return checkdate($month, $day, $year) ? sprintf('%04d-%02d-%02d', $year, $month, $day) : null;
    }

    /** 3, three, a, two and a half. */
    public static function number(string $text): ?float
    {
        return TypedNumber::read($text) ?? NumberWords::parse($text)?->toFloat();
    }

    /** @param  list<string>  $words */
    public static function either(array $words): string
    {
        usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return '(?:'.implode('|', array_map(static fn (string $one): string => preg_quote($one, '/'), $words)).')';
    }
}
