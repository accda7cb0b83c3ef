<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Table;

/** Finds how much of something a label says there is: "5-15 %", "less than 5 %", "30 % and more", "49 %". */
final readonly class ShareReader
{
    private const NUMBER = '(\d+(?:[.,]\d+)?)';

    /** That a share is of the oil which went into a soap, and not of the soap. */
    private string $ofOil;

    /** @var array<string, string> what it means => pattern, in the order in which they are tried */
    private array $patterns;

    public function __construct(Table $bottleNames)
    {
        $file = $bottleNames->whole();
        $any = static function (string $list) use ($file): string {
            $words = $file->strings($list);
            usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));

            return '(?:'.
                implode('|', array_map(static fn (string $word): string => str_replace(' ', "[\\s'’]+", preg_quote($word, '/')), $words)).
                ')';
        };
        $n = self::NUMBER;
        $this->ofOil = "/^\\s*{$any('of_oil')}\\b/ui";
        $this->patterns = [
            'range' => "/$n\\s*%\\s*(?:[\\p{L}\\s]{0,24}?)?{$any('but')}\\s*$n\\s*%/ui",
            'between' => "/$n\\s*%?\\s*(?:-|–|—|\\bto\\b|\\bbis\\b|\\ba\\b|\\bà\\b|\\by\\b|\\band\\b)\\s*$n\\s*%/ui",
            'less' => "/(?:<|≤|{$any('less_than')})\\s*$n\\s*%/ui",
            'over' => "/(?:(?:>|≥|{$any('more_than')})\\s*$n\\s*%|$n\\s*%\\s*{$any('or_more')})/ui",
            'exact' => "/$n\\s*%/ui",
        ];
    }

    /**
     * @return array{Interval, string, int}|null its bounds in %, the words that say so, and where they begin in bytes
     */
    public function find(string $text): ?array
    {
        foreach ($this->patterns as $kind => $pattern) {
            if (
                preg_match($pattern, $text, $match, PREG_OFFSET_CAPTURE) !== 1 ||
                preg_match($this->ofOil, substr($text, $match[0][1] + strlen($match[0][0]))) === 1
            ) {
                continue;
            }
            $numbers = [];
            foreach (array_slice($match, 1) as [$number]) {
                if ($number !== '') {
                    $numbers[] = min(100.0, (float) str_replace(',', '.', $number));
                }
            }
            $first = $numbers[0] ?? 0.0;
            $last = $numbers[count($numbers) - 1] ?? 0.0;

            return [
                match ($kind) {
                    'range', 'between' => Interval::of(min($first, $last), ($first + $last) / 2.0, max($first, $last)),
                    'less' => Interval::of(0.0, $first / 2.0, $first),
                    'over' => Interval::of($first, $first, 100.0),
                    default => Interval::exactly($first),
                },
                $match[0][0],
                $match[0][1],
            ];
        }

        return null;
    }
}
