<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Steps;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\NumberParser;
use Nebbia\Core\Reading\Words\Lexicon;

/** How much a stock is thinned, where that is said as parts: "1:9", "one part to ten of water", "ten times". */
final readonly class Thinning
{
    private function __construct(
        /** As a recipe writes it: "1:9", "1 in 10". */
        public string $share,
        /** mL of water, or of all, for each mL of the stock. */
        public float $times,
        public bool $isOfWhole,
        /** The words that say it, and the byte at which they begin. */
        public string $words,
        public int $at,
    ) {}

    public static function in(string $text, int $from, Lexicon $lexicon): ?self
    {
        $n = $lexicon->number;
        $part = $lexicon->phrases['part'];
        $link = '(?:to|in|with|a|su|con|per|para|por|em|com)';
        $times = '(?:x|×|times|fold|volte|vezes)';
        $and = '(?:and|then|e|ed|poi|depois)';
        $per = '(?:a|per|al|alla|alle|por|na|each|every|ogni|cada)';
        $water = '(?:water|acqua|água|volume)';
        $patterns = [
            ["/(?<![\\p{L}\\d.,])($n)\\s*:\\s*($n)(?![\\p{L}\\d])/iu", false],
            [
                "/(?<!\\p{L})($n)\\s+$part(?!\\p{L})(?:\\s+(?!$n\\s)[\\p{L}’']+){0,6}?".
                    "\\s+$link\\s+($n)(?!\\s*(?:{$lexicon->unit}))(?:\\s+$part)?/iu",
                false,
            ],
            ["/(?<!\\p{L})($n)\\s+(?:a|para|to|su)\\s+($n)(?!\\s*(?:{$lexicon->unit}))(?![\\p{L}\\d])/iu", false],
            ["/(?<!\\p{L})($n)\\s+in\\s+($n)(?!\\s*(?:{$lexicon->unit}))(?![\\p{L}\\d])/iu", true],
            // "Ten times as much water" is one to ten.
            ["/(?<!\\p{L})()($n)\\s*$times\\s+(?:as\\s+much|the|its|il|la|o|a)\\s+(?:\\p{L}+\\s+){0,3}$water(?!\\p{L})/iu", false],
            // "Dilute ten times": else so many times are so many rounds.
            ["/(?<!\\p{L}){$lexicon->any('thins')}(?:\\s+(?!$and\\s)\\p{L}+){0,3}\\s+()($n)\\s*$times(?!\\p{L})(?!\\s+$per\\s)/iu", true],
        ];
        foreach ($patterns as [$pattern, $isOfWhole]) {
            if (preg_match($pattern, $text, $m, PREG_OFFSET_CAPTURE, $from) !== 1) {
                continue;
            }
            try {
                $one = $m[1][0] === '' ? NumberParser::parse('1') : NumberParser::parse($m[1][0]);
                $many = NumberParser::parse($m[2][0]);
            } catch (BadInput) {
                continue;
            }
            if ($one->isPositive() && $many->isPositive() && ($isOfWhole ? $many->isGreaterThan($one) : true)) {
                return new self(
                    $isOfWhole ? "$one in $many" : "$one:$many",
                    $many->dividedBy($one)->toFloat(),
                    $isOfWhole,
                    $m[0][0],
                    $m[0][1],
                );
            }
        }

        return null;
    }
}
