<?php

declare(strict_types=1);

namespace App\Find\Queries;

use App\Core\Say;
use Illuminate\Support\Str;

/** Whether a name is meant by words that were typed: each begins a word of it, or some are one; accents and plurals left aside. */
final readonly class NameMatch
{
    /** A word within a sentence is a name from here on: not "the", "on", "has". */
    private const NAME = 4;

    /** What one word that is not in a name counts, more than any other difference. */
    private const MISSING = 100_000;

    /** @param  list<string>  $words */
    private function __construct(private array $words, public bool $isSentence = false) {}

    public static function of(string $typed): self
    {
        return new self(array_map(self::stem(...), self::words($typed)));
    }

    /** By any word of a sentence, whole: the more of them the better. */
    public static function within(string $typed): self
    {
        $mere = explode(' ', Say::it('find.mere'));
        $isName = static fn (string $one): bool => strlen($one) >= self::NAME && ! in_array($one, $mere, true);
        $words = array_values(array_unique(array_filter(self::words($typed), $isName)));

        return new self(array_map(self::stem(...), $words), true);
    }

    /** How many of the words are not in a name of that rank. */
    public function missing(int $rank): int
    {
        return intdiv($rank, self::MISSING);
    }

    /** How many words may not be in a name that the others still name. */
    public function most(): int
    {
        return intdiv(count($this->words), 2);
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
        $missing = 0;
        $whole = $whole || $this->isSentence;
        foreach ($this->words as $word) {
            $found = null;
            foreach ($in as $n => $one) {
                if ($whole ? $one === $word || self::stem($one) === $word : str_starts_with($one, $word)) {
                    $found = min($found ?? 99, $n + ($one === $word || self::stem($one) === $word ? 0 : 1));
                }
            }
            if ($found === null && ! $this->isSentence) {
                return null;
            }
            $missing += $found === null ? 1 : 0;
            $rank += $found ?? 0;
        }
        if ($missing > 0 && $missing === count($this->words)) {
            return null;
        }

        $rank = $rank * 10 + count($in);

        return $this->isSentence ? min($rank, self::MISSING - 1) + $missing * self::MISSING : $rank - count($this->words);
    }

    /** @return list<string> */
    public static function words(string $text): array
    {
        return preg_split('/[^a-z0-9%]+/', Str::lower(Str::ascii($text)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /** "Roses" finds "rose", "radishes" finds "radish", "tomatoes" finds "tomato". */
    private static function stem(string $word): string
    {
        if (strlen($word) <= 3 || preg_match('/[^s]s$/', $word) !== 1) {
            return $word;
        }

        return (string) preg_replace('/(?<=sh|ch|x|to|go|do)es$|s$/', '', $word);
    }
}
