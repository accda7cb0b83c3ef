<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Often;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Measure\NumberWords;
use Nebbia\Core\Mixing\Recipe\Repeat;

/** Reads how long it is between rounds: "twice a week", "every 5 to 7 days", "on Mondays and Thursdays", "at intervals of ten days". */
final class PaceReader
{
    /** Words that one phrase may have, and bytes. */
    private const WORDS = 10;

    private const BYTES = 100;

    /** Bytes within which a number must be said to be of rounds. */
    private const NEAR = 30;

    /** Between two numbers. */
    private const TO = '\s*(?:-|–|\/|\bto\b|\bor\b|\ba\b|\bo\b|\bou\b)\s*';

    /** Before a weekday. */
    private const EACH_DAY = '(?:on|every|each|ogni|di|todo|toda|todos os|todas as|tutti i|tutte le|aos|às|nas?|nos?)';

    /** "Every few days", in days or what else is counted: a rough practice figure, doubted. */
    private const FEW = 3.0;

    private const A = '(?:a|per|each|every|alla?|al|por|na|no|ao)';

    private readonly Row $words;

    private readonly Row $often;

    private readonly string $every;

    private readonly string $unit;

    private readonly string $times;

    private readonly string $apart;

    /** @var array<string, array{float, float}> days and calendar months of each */
    private readonly array $units;

    /** @var array<string, Pace> */
    private array $phrases = [];

    /** @var array<string, int> */
    private array $weekdays = [];

    /** What a phrase may begin with, inside a sentence. */
    private readonly string $beginning;

    public function __construct(Table $often, Table $reading)
    {
        [$this->often, $this->words] = [$often->whole(), $reading->whole()];
        $either = UntilReader::either(...);
        $this->every = $either([...$this->words->strings('every'), ...$this->often->strings('once_in')]);
        $this->times = $either([
            ...$this->words->strings('times'), ...$this->often->strings('times_one'), ...$this->often->strings('rounds'), 'x', '×',
        ]);
        $this->apart = $either($this->often->strings('apart'));
        $this->units = array_fill_keys([...$this->words->strings('days'), ...$this->often->strings('parts_of_day'), 'd'], [1.0, 0.0])
            + array_fill_keys([...$this->words->strings('weeks'), 'wks', 'wk', 'w'], [7.0, 0.0])
            + array_fill_keys($this->words->strings('months'), [30.0, 1.0])
            + array_fill_keys($this->often->strings('fortnights'), [14.0, 0.0]);
        $this->unit = $either(array_keys($this->units));
        foreach ($this->words->wordsByMeaning('repeats') as $days => $said) {
            $this->phrases += array_fill_keys($said, new Pace((float) $days));
        }
        foreach ($this->often->wordsByMeaning('every_months') as $months => $said) {
            $this->phrases += array_fill_keys($said, new Pace(30.0 * (int) $months, [], (int) $months));
        }
        $this->phrases = array_fill_keys($this->often->strings('monthly'), new Pace(30.0, [], 1))
            + array_fill_keys($this->often->strings('daily'), new Pace(1.0)) + $this->phrases;
        foreach ($this->often->wordsByMeaning('weekdays') as $number => $names) {
            $this->weekdays += array_fill_keys($names, (int) $number);
        }
        $number = '(?:\d|'.NumberWords::pattern().'(?!\p{L}))';
        $near = '[^.;\n]{0,'.self::NEAR.'}';
        $this->beginning = '/\G(?:(?:'.$either([
            ...array_map(strval(...), array_keys($this->phrases)), ...$this->words->strings('every'), ...$this->often->strings('once_in'),
            ...$this->often->strings('about'),
            ...$this->often->strings('once_each'), ...array_merge(...$this->often->wordsByMeaning('counts')),
        ]).')(?!\p{L})|(?:on|aos|às|nas?|nos?)(?=\s+'.$either(array_keys($this->weekdays)).'(?!\p{L}))|'.
            '(?:at|in|with|an?|ad|em|com)(?='.$near.$either($this->often->strings('intervals')).')|de(?=\s+\S+\s+em\s)|'.
            $number.'(?='.$near.'(?:'.$this->times.'|'.$either($this->often->strings('apart')).')(?!\p{L})))/iu';
    }

    /** @param  string  $text  in lower case, nothing else in it */
    public function read(string $text): ?Pace
    {
        return $this->whole($text) ?? $this->counted($text, false);
    }

    /**
     * The longest phrase that begins there in a sentence; a number alone is none, nor is one day that is named: "on Saturday".
     *
     * @return array{string, Pace}|null
     */
    public function at(string $text, int $at): ?array
    {
        if (preg_match($this->beginning, $text, $m, 0, $at) !== 1) {
            return null;
        }
        $line = mb_strcut($text, $at, self::BYTES);
        $pattern = '/\G\s*[^\s.;:!?()]+(?:[.\/](?=\d)[^\s.;:!?()]+)*/u';
        for ($ends = [], $end = 0; count($ends) < self::WORDS && preg_match($pattern, $line, $m, 0, $end) === 1;) {
            $end += strlen($m[0]);
            $ends[] = $end;
        }
        foreach (array_reverse($ends) as $end) {
            $found = rtrim(substr($line, 0, $end), ',');
            $plain = (string) preg_replace('/\s+/u', ' ', mb_strtolower($found));
            // "4 sprays a week apart": the week is between them.
            $isSpaced = preg_match("/^\s*,?\s*$this->apart(?!\p{L})/iu", substr($line, $end)) === 1;
            $pace = $isSpaced || $this->isOneDay($plain) ? null : $this->whole($plain) ?? $this->counted($plain, true);
            if ($pace !== null) {
                return [$found, $pace];
            }
        }

        return null;
    }

    private function whole(string $text): ?Pace
    {
        $text = $this->bare($text);
        $weekdays = $this->weekdays($text);

        return $weekdays === []
            ? $this->phrases[$text] ?? $this->inEach($text) ?? $this->apart($text) ?? $this->inTurn($text) ?? $this->onWeekdays($text)
            : new Pace(7.0 / count($weekdays), $weekdays);
    }

    /** "Fortnightly on Sundays", "twice a week, on Mondays and Fridays": of whole weeks. */
    private function onWeekdays(string $text): ?Pace
    {
        if (preg_match('/^(.+?),?\s+(?:on|di|aos|às|nas?|nos?)\s+(.+)$/u', $text, $m) !== 1) {
            return null;
        }
        $days = $this->weekdays($m[2]);
        $pace = $days === [] ? null : $this->phrases[$m[1]] ?? $this->inEach($m[1]) ?? $this->counted($m[1], false);
        if ($pace === null || $pace->weekdays !== [] || $pace->months !== null || $pace->isRange) {
            return null;
        }
        $cycle = fmod($pace->days, 7.0) === 0.0 ? $pace->days : round($pace->days * count($days), 2);

        return fmod($cycle, 7.0) === 0.0 ? new Pace($cycle / count($days), $days) : null;
    }

    /** "About every ten days", "weekly or so", "once every 10 days": what changes nothing is taken off. */
    private function bare(string $text): string
    {
        $text = (string) preg_replace('/^'.UntilReader::either($this->often->strings('about')).' /u', '', $text);
        $text = (string) preg_replace('/ '.UntilReader::either($this->often->strings('or_so')).'$/u', '', $text);

        $text = $this->inDays($text);

        return (string) preg_replace('/^'.UntilReader::either($this->often->strings('once_each')).' (?='.$this->every.'\s)/u', '', $text);
    }

    /** "Every 48 hours" is every 2 days; what is no whole day stays as it is, and is no rhythm. */
    private function inDays(string $text): string
    {
        $each = UntilReader::either($this->often->strings('each_hours'));
        $hours = UntilReader::either($this->often->strings('hours'));
        if (preg_match("/^($each) (\d{1,3}) ?$hours$/u", $text, $m) !== 1 || (int) $m[2] === 0 || (int) $m[2] % 24 !== 0) {
            return $text;
        }

        return $m[1].' '.intdiv((int) $m[2], 24).' days';
    }

    /** "Every 5 to 7 days", "every three weeks", "every week to ten days", "every 3rd day"; where it may be, 7 alone. */
    private function counted(string $text, bool $inSentence): ?Pace
    {
        $text = $this->bare($text);
        if (preg_match("/^(?:($this->every)\s+)?(.+)$/u", $text, $m) !== 1 || ($inSentence && $m[1] === '')) {
            return null;
        }

        return $this->span($m[2], ! $inSentence);
    }

    /** A length of time, or two; without a unit days are meant, where that is allowed. */
    private function span(string $text, bool $mayBeBare): ?Pace
    {
        if (preg_match('/^(.+?)'.self::TO.'(.+)$/u', $text, $m) === 1) {
            [$low, $high] = [$this->length($m[1], true), $this->length($m[2], $mayBeBare)];
            if ($low !== null && $high !== null) {
                // "5 to 7 days": what has no unit has the other's.
                $from = $low[0] * ($this->length($m[1], false) === null ? $high[1] : $low[1]);
                $to = $high[0] * $high[1];

                if ($to > $from) {
                    return self::within(($from + $to) / 2.0, null, true);
                }
            }
        }
        // "Every 2nd Sunday".
        if (preg_match('/^(\S+) (\S+)$/u', $text, $m) === 1 && isset($this->weekdays[$m[2]]) && $this->ordinal($m[1]) !== null) {
            $weeks = (float) $this->ordinal($m[1]);

            return $weeks < 1.0 || 7.0 * $weeks > Repeat::MAX_DAYS ? null : new Pace(7.0 * $weeks, [$this->weekdays[$m[2]]]);
        }
        if (preg_match('/^'.UntilReader::either($this->often->strings('few'))." ($this->unit)$/u", $text, $m) === 1) {
            return self::within(self::FEW * $this->units[$m[1]][0], null, true);
        }
        $one = $this->length($text, $mayBeBare);

        return $one === null
            ? null
            : self::within($one[0] * $one[1], $one[2] > 0.0 && floor($one[0]) === $one[0] ? (int) ($one[0] * $one[2]) : null, false);
    }

    /** @return array{float, float, float}|null how many, days and calendar months of each */
    private function length(string $text, bool $mayBeBare): ?array
    {
        // "Repeat in the evening" is no rhythm; "every evening" is a phrase of its own.
        if (isset($this->units[$text]) && ! in_array($text, $this->often->strings('parts_of_day'), true)) {
            return [1.0, ...$this->units[$text]];
        }
        if (preg_match("/^(.+?)[\s-]*($this->unit)$/u", $text, $m) === 1) {
            $number = UntilReader::number($m[1]) ?? $this->ordinal($m[1]);

            return $number === null || $number <= 0.0 ? null : [$number, ...$this->units[$m[2]]];
        }
        $number = $mayBeBare ? UntilReader::number($text) : null;

        return $number === null || $number <= 0.0 ? null : [$number, 1.0, 0.0];
    }

    /** "3rd", "third". */
    private function ordinal(string $text): ?float
    {
        if (preg_match('/^(\d{1,2})(?:st|nd|rd|th|º|°)$/u', $text, $m) === 1) {
            return (float) $m[1];
        }
        foreach ($this->often->wordsByMeaning('ordinals') as $number => $said) {
            if (in_array($text, $said, true)) {
                return (float) $number;
            }
        }

        return null;
    }

    /** "2x a week", "five times a month", "once or twice a week". */
    private function inEach(string $text): ?Pace
    {
        $in = '(?:\s+'.self::A.'\s+|\s*\/\s*)';
        if (preg_match('/^(\S+?)(?:'.self::TO.'(\S+?))?(?:\s*'.$this->times."\.?)?$in($this->unit)$/u", $text, $m) !== 1) {
            return null;
        }
        $low = $this->count($m[1], preg_match('/\s*'.$this->times.'(?!\p{L})/u', $text) === 1);
        $high = $m[2] === '' ? $low : $this->count($m[2], true);
        [$days, $months] = $this->units[$m[3]];
        if ($low === null || $high === null || $high < $low) {
            return null;
        }
        $often = ($low + $high) / 2.0;

        return self::within($days / $often, $months > 0.0 && $often === 1.0 ? (int) $months : null, $high > $low);
    }

    private function count(string $text, bool $mayBeNumber): ?float
    {
        foreach ($this->often->wordsByMeaning('counts') as $number => $said) {
            if (in_array($text, $said, true)) {
                return (float) $number;
            }
        }
        $number = $mayBeNumber ? UntilReader::number($text) : null;

        return $number === null || $number <= 0.0 ? null : $number;
    }

    /** "7 days apart", "at 5-day intervals", "at intervals of 7 days", "at weekly intervals". */
    private function apart(string $text): ?Pace
    {
        $intervals = UntilReader::either($this->often->strings('intervals'));
        if (
            preg_match("/^(.+) $this->apart$/u", $text, $m) === 1 ||
            preg_match("/^(?:at|in|with|an?|ad|em|com)\s+$intervals\s+(?:of|di|de)\s+(.+)$/u", $text, $m) === 1 ||
            preg_match("/^(?:at|in|with|an?|em|com)\s+(.+?)[\s-]$intervals$/u", $text, $m) === 1
        ) {
            return $this->phrases[$m[1]] ?? $this->span($m[1], false);
        }

        return null;
    }

    /** "De 7 em 7 dias". */
    private function inTurn(string $text): ?Pace
    {
        return preg_match("/^de\s+(\S+)\s+em\s+\g1\s+($this->unit)$/u", $text, $m) === 1 ? $this->span("$m[1] $m[2]", false) : null;
    }

    /** "On Tuesday", not "on Tuesdays". */
    private function isOneDay(string $text): bool
    {
        $days = $this->weekdays($text);

        return count($days) === 1 && preg_match('/^(?:on|no|na|di)\s/u', $text) === 1 && preg_match('/(?<!tue)(?<!thur)s$/u', $text) !== 1;
    }

    /** @return list<int> where nothing but weekdays is said */
    private function weekdays(string $text): array
    {
        $found = [];
        $text = (string) preg_replace('/^'.self::EACH_DAY.' /u', '', $text);
        foreach (preg_split('/\s*(?:,|&|\+|\/|\band\b|\be\b)\s*/u', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            $part = trim((string) preg_replace('/^(?:on|every|each|ogni|and) /u', '', trim($part)));
            $part = trim((string) preg_replace('/ (?:morning|evening|night|afternoon)s?$/u', '', $part));
            if (in_array($part, $this->often->strings('working_days'), true)) {
                $found += array_combine(range(1, 5), range(1, 5));

                continue;
            }
            if (! isset($this->weekdays[$part])) {
                return [];
            }
            $found[$this->weekdays[$part]] = $this->weekdays[$part];
        }
        sort($found);

        return $found;
    }

    private static function within(float $days, ?int $months, bool $isRange): ?Pace
    {
        return $days < 1.0 || $days > Repeat::MAX_DAYS || ($months !== null && $months > 12)
            ? null
            : new Pace(round($days, 4), [], $months, $isRange);
    }
}
