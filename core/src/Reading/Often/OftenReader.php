<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Often;

use Nebbia\Core\Data\Table;
use Nebbia\Core\Measure\Digits;

/**
 * Reads how often, as gardeners say it: "twice a week until it is gone", "every Monday and Thursday", "every 7 days, 3 times", 7. Two
 * fields, or all in the first.
 */
final readonly class OftenReader
{
    private const LONGEST = 160;

    /** Days, as a mean. */
    private const MONTH = 30.0;

    public function __construct(
        private Table $often,
        private Table $reading,
        private UntilReader $ends,
        private PaceReader $paces,
        private MonthDaysReader $monthDays,
    ) {}

    /**
     * @param  string  $first  the first day on which it may be, as 2026-05-14
     * @param  bool  $isSouth  of the equator, where summer is in January
     *
     * @throws OftenException naming often or until
     */
    public function read(string $often, string $until, string $first, bool $isSouth = false): Often
    {
        [$often, $until] = [self::plain($often), self::plain($until)];
        if ($often === '' || mb_strlen($often) > self::LONGEST || mb_strlen($until) > self::LONGEST) {
            throw OftenException::often();
        }
        $end = $until === '' ? null : ($this->ends->read($until, $first, $isSouth) ?? throw OftenException::until());
        [$rest, $said] = $this->parted($often, $first, $isSouth);
        $end ??= $said;
        if (preg_match('/^(?:just |only |solo |só )?'.UntilReader::either($this->reading->whole()->strings('once')).'$/u', $rest) === 1) {
            return new Often(7.0, [], null, 1, null, null);
        }
        $how = $this->pace($rest) ?? throw OftenException::often();

        [$times, $last, $sign] = $end ?? [null, null, null];

        return new Often($how->days, $how->weekdays, $how->months, $times, $last, $sign, $how->monthDays);
    }

    private function pace(string $text): ?Pace
    {
        $days = $this->monthDays->read($text);

        return $days === [] ? $this->paces->read($text) : new Pace(self::MONTH / count($days), monthDays: $days);
    }

    private static function plain(string $text): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', mb_strtolower(Digits::western(mb_scrub($text)))), ' .,;');
    }

    /**
     * What is said of the end in the same breath is taken off: "every 7 days, 3 times", "weekly for a month".
     *
     * @return array{string, array{int|null, string|null, string|null}|null} the rest, and the end
     */
    private function parted(string $text, string $first, bool $isSouth): array
    {
        $words = $this->often->whole();
        $now = UntilReader::either($words->strings('from_now'));
        $text = (string) preg_replace('/,? '.UntilReader::either($words->strings('after_rain')).'$/u', '', $text);
        $text = (string) preg_replace("/^$now,? |,? $now$/u", '', $text);
        if ($this->pace($text) !== null) {
            return [$text, null];
        }
        $until = UntilReader::either($words->strings('until'));
        $all = UntilReader::either($words->strings('in_all'));
        $times = UntilReader::either([...$this->reading->whole()->strings('times'), ...$words->strings('rounds')]);
        $week = '(?:a|per|each|every)\s+(?:day|week|month|fortnight)';
        $ends = [
            "/^(.+?),?\s+($until\s.+)$/u",
            '/^(.+?),?\s+((?:for|per|por|durante)\s.+)$/u',
            "/^(.+?),?\s+((?:\S+|a couple of|a few)\s+$times(?:\s+$all)?)$/u",
            "/^(.+?),?\s+((?:x|×)\s*\d+|\d+\s+$all)$/u",
        ];
        $whole = UntilReader::either($words->strings('whole_of'));
        $ends[] = "/^(.+?),?\s+($whole\s.+)$/u";
        $isEnd = false;
        foreach ($ends as $n => $end) {
            if (preg_match($end, $text, $m) === 1 && $this->pace(trim($m[1], ' ,')) !== null) {
                $said = $this->ends->read($m[2], $first, $isSouth);
                if ($said !== null) {
                    return [trim($m[1], ' ,'), $said];
                }
                $isEnd = $isEnd || $n === 0;
            }
        }
        if ($isEnd) {
            throw OftenException::until();
        }
        $counted = preg_match("/^(\S+)\s+$times\b(?:\s+$all)?(?!\s+$week$),?\s*(.+?)(?:\s+apart)?$/u", $text, $m) === 1;
        if ($counted && $this->paces->read($m[2]) !== null) {
            $said = $this->ends->read("$m[1] times", $first);

            return $said === null ? [$text, null] : [$m[2], $said];
        }

        return [$text, null];
    }
}
