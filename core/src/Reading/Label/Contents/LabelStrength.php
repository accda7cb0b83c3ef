<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label\Contents;

use Nebbia\Core\Reading\Label\Fold;
use Nebbia\Core\Reading\Label\ShareReader;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\StrengthException;
use Nebbia\Core\Substance\StrengthParser;

/** How strong a label says it is, put as a bottle in the pantry has it: "70 % v/v", "12 volumes", "5 % acidity". */
final readonly class LabelStrength
{
    private const NUMBER = '(\d+(?:[.,]\d+)?)(?:\s*%?\s*(?:-|–|to|a|à|bis|e|y|and)\s*(\d+(?:[.,]\d+)?))?';

    /** What a label writes after the number => how it is said here, and by how much the number is taken. */
    private const UNITS = [
        '\s*(?:%|°)\s*(?:v\s*\/\s*v|vol\b\.?|by volume|alc|abv|in volume|em volume|gl\b)' => ['% v/v', 1.0],
        '\s*(?:%|°)\s*(?:w\s*\/\s*w|p\s*\/\s*p|m\s*\/\s*m|by weight|inpm\b|in peso|em peso)' => ['% w/w', 1.0],
        '\s*%\s*(?:w\s*\/\s*v|p\s*\/\s*v|m\s*\/\s*v)' => ['% w/v', 1.0],
        '\s*g\s*\/\s*100\s*g\b' => ['% w/w', 1.0],
        '\s*g\s*\/\s*kg\b' => ['% w/w', 0.1],
        '\s*g\s*\/\s*100\s*ml\b' => ['% w/v', 1.0],
        '\s*(?:g\s*\/\s*l|mg\s*\/\s*ml)\b' => ['g/L', 1.0],
    ];

    /** Degrees and volumes mean what the stuff is: of alcohol % v/v, of vinegar acidity, of peroxide the oxygen it sets free. */
    private const DEGREES = '\s*(?:°|gradi\b|graus\b|grados\b|degrees\b)';

    private const VOLUMES = '\s*(?:volumes?|volumi|volúmenes|vols?)\b';

    private const ACIDITY = '/\b(?:acidity|acidita|acidez|acidite|saure)\b/u';

    public function __construct(private ShareReader $shares) {}

    /** @return string|null null where nothing is said, or what is said cannot be so */
    public function of(string $text, Ingredient $ingredient): ?string
    {
        if ($ingredient->substance === null || $ingredient->substance->isUmbrella) {
            return null;
        }
        $said = $this->said($text, $ingredient);
        if ($said === null) {
            return null;
        }
        try {
            StrengthParser::parse($said, $ingredient);
        } catch (StrengthException) {
            return null;
        }

        return $said;
    }

    private function said(string $text, Ingredient $ingredient): ?string
    {
        $units = self::UNITS;
        if ($ingredient->group === 'peroxide') {
            $units = [...$units, self::VOLUMES => ['volumes', 1.0]];
        }
        $found = [];
        foreach ($units as $unit => [$way, $times]) {
            if (preg_match('/'.self::NUMBER.$unit.'/ui', $text, $match, PREG_OFFSET_CAPTURE) === 1) {
                $found[$match[0][1]] = self::amount($match[1][0], $match[2][0] ?? '', $times).' '.$way;
            }
        }
        $share = $this->shares->find($text);
        if ($share !== null && ! isset($found[$share[2]]) && $share[0]->low > 0.0) {
            $acidity = $ingredient->group === 'acid' && preg_match(self::ACIDITY, Fold::name($text)) === 1 ? ' acidity' : '';
            $found[$share[2]] =
                self::amount((string) $share[0]->low, $share[0]->isExact() ? '' : (string) $share[0]->high, 1.0)." %$acidity";
        }
        if ($found === [] && preg_match('/'.self::NUMBER.self::DEGREES.'/ui', $text, $match) === 1) {
            $way = ['alcohol' => '% v/v', 'acid' => '% acidity'][$ingredient->group] ?? null;

            return $way === null ? null : self::amount($match[1], $match[2] ?? '', 1.0)." $way";
        }
        ksort($found);

        // What is said first is what the maker thinks of first; the other is the same in other words.
        return array_values($found)[0] ?? null;
    }

    private static function amount(string $low, string $high, float $times): string
    {
        $n = static fn (string $number): string => (string) round((float) str_replace(',', '.', $number) * $times, 4);

        return $high === '' || $high === $low ? $n($low) : $n($low).'-'.$n($high);
    }
}
