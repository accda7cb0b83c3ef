<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Often;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;

/** Reads days of the month: "the 1st and 15th of each month", "on the first Monday of the month", "every 2nd and 4th Monday". */
final class MonthDaysReader
{
    private const BEFORE = '/^(?:(?:on|the|every|each|ogni|il|la|nel|no|na|todo|toda)\s+)+/u';

    private const AND = '/\s*(?:,|&|\+|\band\b|\be\b)\s*(?:the\s+|il\s+)?/u';

    private readonly Row $words;

    /** @var array<string, int> */
    private array $weekdays = [];

    /** @var array<string, int> */
    private array $which = [];

    public function __construct(Table $often)
    {
        $this->words = $often->whole();
        foreach ($this->words->wordsByMeaning('weekdays') as $number => $names) {
            $this->weekdays += array_fill_keys($names, (int) $number);
        }
        foreach (['last_of', 'ordinals'] as $list) {
            foreach ($this->words->wordsByMeaning($list) as $number => $names) {
                $this->which += array_fill_keys($names, (int) $number);
            }
        }
    }

    /**
     * @param  string  $text  plain, in small letters
     * @return list<MonthDay> empty where it says none
     */
    public function read(string $text): array
    {
        $of = UntilReader::either($this->words->strings('of_month'));
        $rest = (string) preg_replace("/,?\s+$of$/u", '', $text);
        $bare = (string) preg_replace(self::BEFORE, '', $rest);
        $parts = preg_split(self::AND, $bare, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $weekday = null;
        if ($parts !== [] && preg_match('/^(\S+)\s+(\S+)$/u', $parts[count($parts) - 1], $m) === 1 && isset($this->weekdays[$m[2]])) {
            $weekday = $this->weekdays[$m[2]];
            $parts[count($parts) - 1] = $m[1];
        }
        // "Every 2nd Sunday" is every other; "the 14th" by itself may be any day, and "14" a number of days.
        if ($rest === $text && $weekday !== null && count($parts) < 2) {
            return [];
        }
        $days = [];
        foreach ($parts as $part) {
            $number = $this->number($part, $rest !== $text, $weekday !== null, $bare !== $rest);
            if ($number === null) {
                return [];
            }
            $days[] = new MonthDay($number, $weekday);
        }

        return $days;
    }

    /** "2 each month" are two of them; "the 2 of each month" is a day. */
    private function number(string $part, bool $isOfMonth, bool $isWeekday, bool $isThe): ?int
    {
        $said = preg_match('/^(\d{1,2})(st|nd|rd|th|º|°|\.)?$/u', $part, $m) === 1 ? (int) $m[1] : null;
        if ($said !== null && ($m[2] ?? '') === '' && ! ($isOfMonth && $isThe)) {
            return null;
        }
        $number = $said ?? ($isWeekday || $isOfMonth ? $this->which[$part] ?? null : null);

        return match (true) {
            $number === null => null,
            $isWeekday => $number === -1 || ($number >= 1 && $number <= 5) ? $number : null,
            $number === -1 => 31,
            default => $number >= 1 && $number <= 31 ? $number : null,
        };
    }
}
