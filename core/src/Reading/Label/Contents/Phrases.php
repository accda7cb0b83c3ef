<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label\Contents;

use Nebbia\Core\Data\Table;
use Nebbia\Core\Reading\Label\PartClass;

/** What stands on a label and is not in the bottle: what it is said to be free of, what the maker advises, what it is sold as. */
final class Phrases
{
    /** Chlorine and alkali that are free are there. */
    private const THERE = '(?!\s+(?:from|of|chlorine|alkali|fatty))';

    /** @var array<string, string>|null class => pattern */
    private ?array $patterns = null;

    public function __construct(private readonly Table $bottleContents) {}

    /** @return list<array{PartClass, string, int}> what each is, its words, and the byte at which they begin */
    public function in(string $text): array
    {
        $found = [];
        foreach ($this->patterns() as $class => $pattern) {
            preg_match_all($pattern, $text, $matches, PREG_OFFSET_CAPTURE);
            foreach ($matches['it'] as [$words, $at]) {
                $found[] = [PartClass::from($class), $words, $at];
                // What is found once is not found again inside.
                $text = self::blanked($text, $words, $at);
            }
        }
        usort($found, static fn (array $a, array $b): int => $a[2] <=> $b[2]);

        return $found;
    }

    /** All places stay what they are. */
    public static function blanked(string $text, string $words, int $at): string
    {
        return substr_replace($text, str_repeat(' ', strlen($words)), $at, strlen($words));
    }

    /** @return array<string, string> */
    private function patterns(): array
    {
        if ($this->patterns === null) {
            $absent = $this->bottleContents->part('absent');
            $before = Words::written($absent->strings('before'));
            $behind = Words::written($absent->strings('behind'));
            $advice = Words::written($this->bottleContents->whole()->strings('advice'));
            $products = [];
            foreach ($this->bottleContents->rows('contents') as $row) {
                $products = [...$products, ...($row->bool('product') ? $row->strings('any') : [])];
            }
            $this->patterns = [
                'advice' => '/(?:^|[.;!\n])[\s"(]*(?<it>(?:'.$advice.')\b(?:\s*:)?(?:[^.;!:\n]|\.(?=\S)|\n(?!\s*\n)(?=\s*\p{Ll}))*)/ui',
                'absent' => '/\b(?<it>(?:(?:'.$before.')\s+|(?<![\d.,])0\s*%\s+)\p{L}[^,;.\n()]{0,40}'
                    .'|\p{L}+[ -]?(?:'.$behind.')\b'.self::THERE.')/ui',
                'product' => '/\b(?<it>'.Words::written($products).')\b/ui',
            ];
        }

        return $this->patterns;
    }
}
