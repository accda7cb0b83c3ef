<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Often;

use Nebbia\Core\Data\Table;
use Nebbia\Core\Measure\Digits;
use Nebbia\Core\Mixing\Recipe\Repeat;

/**
 * Reads how often, as gardeners say it: "twice a week until it is gone", "every Monday and Thursday", "every 7 days, 3 times", 7. Two
 * fields, or all in the first.
 */
final readonly class OftenReader
{
    private const LONGEST = 160;

    public function __construct(private Table $often, private Table $reading, private UntilReader $ends) {}

    /**
     * @param  string  $first  the first day on which it may be, as 2026-05-14
     *
     * @throws OftenException naming often or until
     */
    public function read(string $often, string $until, string $first): Often
    {
        [$often, $until] = [self::plain($often), self::plain($until)];
        if ($often === '' || mb_strlen($often) > self::LONGEST || mb_strlen($until) > self::LONGEST) {
            throw OftenException::often();
        }
        $end = $until === '' ? null : ($this->ends->read($until, $first) ?? throw OftenException::until());
        [$rest, $said] = $this->parted($often, $first);
        $end ??= $said;
        if (preg_match('/^(?:just |only |solo |só )?'.UntilReader::either($this->reading->whole()->strings('once')).'$/u', $rest) === 1) {
            return new Often(7.0, [], null, 1, null, null);
        }
        $how = $this->rhythm($rest) ?? throw OftenException::often();

        return new Often($how[0], $how[1], $how[2], ...($end ?? [null, null, null]));
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
    private function parted(string $text, string $first): array
    {
        if ($this->rhythm($text) !== null) {
            return [$text, null];
        }
        $until = UntilReader::either($this->often->whole()->strings('until'));
        $times = UntilReader::either($this->reading->whole()->strings('times'));
        $week = '(?:a|per|each|every)\s+(?:day|week|month|fortnight)';
        $ends = [
            "/^(.+?),?\s+($until\s.+)$/u",
            '/^(.+?),?\s+((?:for|per|por|durante)\s.+)$/u',
            "/^(.+?),?\s+((?:\S+|a couple of|a few)\s+$times)$/u",
        ];
        foreach ($ends as $end) {
            if (preg_match($end, $text, $m) === 1 && $this->rhythm(trim($m[1], ' ,')) !== null) {
                $said = $this->ends->read($m[2], $first);
                if ($said !== null) {
                    return [trim($m[1], ' ,'), $said];
                }
            }
        }
        if (preg_match("/^(\S+)\s+$times\b(?!\s+$week),?\s*(.+?)(?:\s+apart)?$/u", $text, $m) === 1 && $this->rhythm($m[2]) !== null) {
            $said = $this->ends->read("$m[1] times", $first);

            return $said === null ? [$text, null] : [$m[2], $said];
        }

        return [$text, null];
    }

    /** @return array{float, list<int>, int|null}|null days, weekdays, months; null where it cannot be read */
    private function rhythm(string $text): ?array
    {
        $words = $this->often->whole();
        $weekdays = $this->weekdays($text);
        if ($weekdays !== []) {
            return [7.0 / count($weekdays), $weekdays, null];
        }
        if (in_array($text, $words->strings('monthly'), true)) {
            return [30.0, [], 1];
        }
        if (in_array($text, $words->strings('daily'), true)) {
            return [1.0, [], null];
        }
        foreach ($this->reading->whole()->wordsByMeaning('repeats') as $days => $said) {
            if (in_array($text, $said, true)) {
                return [(float) $days, [], null];
            }
        }

        return $this->counted($text) ?? $this->inEach($text);
    }

    /**
     * "Every 5 to 7 days", "every three weeks", 7.
     *
     * @return array{float, list<int>, int|null}|null
     */
    private function counted(string $text): ?array
    {
        $row = $this->reading->whole();
        $every = UntilReader::either($row->strings('every'));
        [$days, $weeks, $months] = [
            UntilReader::either([...$row->strings('days'), 'd']),
            UntilReader::either([...$row->strings('weeks'), 'wks', 'wk', 'w']),
            UntilReader::either($row->strings('months')),
        ];
        if (preg_match("/^(?:$every\s+)?(.+?)\s*($days|$weeks|$months)?$/u", $text, $m) !== 1) {
            return null;
        }
        $number = $this->middle($m[1]);
        $unit = $m[2] ?? '';
        if ($number === null) {
            return null;
        }
        if ($unit !== '' && preg_match("/^$months$/u", $unit) === 1) {
            return floor($number) === $number && $number >= 1.0 && $number <= 12.0 ? [30.0 * $number, [], (int) $number] : null;
        }
        $number *= $unit !== '' && preg_match("/^$weeks$/u", $unit) === 1 ? 7.0 : 1.0;

        return $number >= 1.0 && $number <= Repeat::MAX_DAYS ? [$number, [], null] : null;
    }

    /** "5 to 7" is taken for 6. */
    private function middle(string $text): ?float
    {
        if (preg_match('/^(\S+)\s*(?:-|–|to|a|or|o|ou)\s*(\S+)$/u', $text, $m) === 1) {
            [$low, $high] = [UntilReader::number($m[1]), UntilReader::number($m[2])];
            if ($low !== null && $high !== null && $high > $low) {
                return ($low + $high) / 2.0;
            }
        }

        return UntilReader::number($text);
    }

    /**
     * "2x a week", "five times a month".
     *
     * @return array{float, list<int>, int|null}|null
     */
    private function inEach(string $text): ?array
    {
        if (preg_match('/^(\S+?)\s*(?:x|×|times?)\s+(?:a|per|each|every)\s+(week|month|fortnight|day)$/u', $text, $m) !== 1) {
            return null;
        }
        $number = UntilReader::number($m[1]);
        $days = ['week' => 7.0, 'month' => 30.0, 'fortnight' => 14.0, 'day' => 1.0][$m[2]];

        return $number === null || $number <= 0.0 || $days / $number < 1.0 ? null : [round($days / $number, 4), [], null];
    }

    /** @return list<int> where nothing but weekdays is said */
    private function weekdays(string $text): array
    {
        $found = [];
        $names = [];
        foreach ($this->often->whole()->wordsByMeaning('weekdays') as $number => $some) {
            foreach ($some as $name) {
                $names[$name] = (int) $number;
            }
        }
        $text = (string) preg_replace('/^(?:on|every|each|ogni|di|todo|toda|todos os|todas as|aos|às|nas?|nos?) /u', '', $text);
        foreach (preg_split('/\s*(?:,|&|\+|\/|\band\b|\be\b)\s*/u', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            $part = trim((string) preg_replace('/^(?:on|every|each|ogni|and) /u', '', trim($part)));
            $part = trim((string) preg_replace('/ (?:morning|evening|night|afternoon)s?$/u', '', $part));
            if (! isset($names[$part])) {
                return [];
            }
            $found[$names[$part]] = $names[$part];
        }
        sort($found);

        return $found;
    }
}
