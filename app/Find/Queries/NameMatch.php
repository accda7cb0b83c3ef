<?php

declare(strict_types=1);

namespace App\Find\Queries;

use Illuminate\Support\Str;

/** Whether a name is meant by words that were typed: each of them begins a word of it, accents and plurals left aside. */
final readonly class NameMatch
{
    /** @param  list<string>  $words */
    private function __construct(private array $words) {}

    public static function of(string $typed): self
    {
        return new self(array_map(self::stem(...), self::words($typed)));
    }

    public function isEmpty(): bool
    {
        return $this->words === [];
    }

    /**
     * @param  bool  $whole  a beginning is not enough: "pot" is no potato
     * @return int|null the lower the better; null where it does not match
     */
    public function rank(string $name, bool $whole = false): ?int
    {
        $in = self::words($name);
        $rank = 0;
        foreach ($this->words as $word) {
            $found = null;
            foreach ($in as $n => $one) {
                if ($whole ? $one === $word || self::stem($one) === $word : str_starts_with($one, $word)) {
                    $found = min($found ?? 99, $n + ($one === $word || self::stem($one) === $word ? 0 : 1));
                }
            }
            if ($found === null) {
                return null;
            }
            $rank += $found;
        }

        return $rank * 10 + count($in) - count($this->words);
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        return preg_split('/[^a-z0-9%]+/', Str::lower(Str::ascii($text)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /** "Roses" finds "rose", "radishes" finds "radish". */
    private static function stem(string $word): string
    {
        return strlen($word) > 3 && preg_match('/[^s]s$/', $word) === 1 ? (string) preg_replace('/(?<=sh|ch|x)es$|s$/', '', $word) : $word;
    }
}
