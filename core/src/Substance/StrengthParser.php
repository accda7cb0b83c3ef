<?php

declare(strict_types=1);

namespace Nebbia\Core\Substance;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Measure\AmountException;
use Nebbia\Core\Measure\Digits;
use Nebbia\Core\Measure\NumberParser;

/**
 * Reads what a label says: "3 %", "70 % v/v", "10 volumes", "140 proof", "5 % acidity", "90 % purity", "200 g/L".
 */
final class StrengthParser
{
    /**
     * % w/v of hydrogen peroxide for each "volume": it sets free so many volumes of oxygen at 0 °C and 1 atm.
     * 2 mol H2O2 (34.0147 g/mol) give 1 mol O2 (22.414 L), so 1 volume = 2 · 34.0147 / 22.414 g/L.
     */
    public const PERCENT_PER_VOLUME = 2 * 34.0147 / 22.414 / 10;

    private const MAX_LENGTH = 60;

    /**
     * @throws StrengthException if it cannot be read, is above the whole or is no way to state this ingredient
     */
    public static function parse(string $text, Ingredient $ingredient): Strength
    {
        $text = trim((string) preg_replace('/[\s\x{00A0}\x{202F}]+/u', ' ', Digits::western($text)));
        $n = NumberParser::PATTERN;
        if ($text === '' || mb_strlen($text) > self::MAX_LENGTH
            || preg_match("/^(-)?($n)(?:\s*(?:-|–|to)\s*($n))?\s*(%|percent)?\s*(.*)$/iu", $text, $m) !== 1) {
            throw StrengthException::unreadable($text);
        }
        try {
            $low = NumberParser::parse($m[2])->toFloat();
            $high = $m[3] === '' ? $low : NumberParser::parse($m[3])->toFloat();
        } catch (AmountException) {
            throw StrengthException::unreadable($text);
        }
        if ($m[1] !== '' || $low <= 0.0) {
            throw StrengthException::notPositive();
        }
        if ($low > $high) {
            throw StrengthException::unreadable($text);
        }
        if ($ingredient->substance === null) {
            throw StrengthException::ofWater($ingredient->name);
        }
        $number = Interval::of($low, ($low + $high) / 2, $high);
        $strength = self::convert($number, $m[4] !== '', mb_strtolower(trim($m[5])), $ingredient)
            ?? throw StrengthException::unreadable($text);
        if ($strength->grams->high > self::ceiling($ingredient) || $strength->percent->high > 100.0 + 1e-9) {
            throw StrengthException::overWhole($text);
        }

        return $strength;
    }

    private static function convert(Interval $number, bool $percent, string $way, Ingredient $ingredient): ?Strength
    {
        if ($percent) {
            return match ($way) {
                '' => self::bare($number, $ingredient),
                'w/v', 'm/v' => self::byMassAndVolume($number, $ingredient),
                'v/v', 'by volume', 'alc/vol', 'abv', 'alc' => self::byVolume($number, $ingredient),
                'w/w', 'm/m', 'by mass', 'by weight' => self::byMass($number, $ingredient),
                'acidity', 'acid' => $ingredient->group === 'acid'
                    ? self::byMassAndVolume($number, $ingredient) : throw StrengthException::onlyFor('acidity', 'vinegar'),
                'purity', 'pure' => $ingredient->isLiquid
                    ? throw StrengthException::onlyFor('purity', 'solids') : self::purity($number),
                'soap', 'solids' => $ingredient->substance?->id === 'potassium-soap'
                    ? self::byMassAndVolume($number, $ingredient) : throw StrengthException::onlyFor('solids', 'liquid soap'),
                default => null,
            };
        }

        return match ($way) {
            'volumes', 'volume', 'vol', 'vols', 'vol.' => $ingredient->id === 'hydrogen-peroxide'
                ? self::byMassAndVolume($number->times(self::PERCENT_PER_VOLUME), $ingredient)
                : throw StrengthException::onlyFor('volumes', 'hydrogen peroxide'),
            // US proof is twice the percentage by volume.
            'proof', 'us proof' => $ingredient->id === 'ethyl-alcohol'
                ? self::byVolume($number->times(0.5), $ingredient) : throw StrengthException::onlyFor('proof', 'ethyl alcohol'),
            // 100 degrees UK proof are 57.15 % by volume.
            'uk proof', 'degrees proof', '° proof', '°proof' => $ingredient->id === 'ethyl-alcohol'
                ? self::byVolume($number->times(0.5715), $ingredient) : throw StrengthException::onlyFor('proof', 'ethyl alcohol'),
            // What one tablet holds of its active substance, whatever the tablet itself weighs.
            'mg', 'mg each', 'mg a tablet', 'mg per tablet' => $ingredient->isTablet && $number->isExact()
                ? Strength::ofTablets($number->likely / 1000) : throw StrengthException::onlyFor('tablets', 'tablets'),
            // Ten grain of vinegar are one percent.
            'grain' => $ingredient->substance?->id === 'acetic-acid'
                ? self::byMassAndVolume($number->times(0.1), $ingredient) : throw StrengthException::onlyFor('grain', 'vinegar'),
            'g/l' => self::byMassAndVolume($number->times(0.1), $ingredient),
            'mg/l', 'ppm' => self::byMassAndVolume($number->times(0.0001), $ingredient),
            'g/100 ml', 'g/100ml' => self::byMassAndVolume($number, $ingredient),
            'v/v', 'w/v' => self::convert($number, true, $way, $ingredient),
            default => null,
        };
    }

    private static function bare(Interval $number, Ingredient $ingredient): Strength
    {
        return match ($ingredient->percent) {
            PercentMeaning::MassByVolume => self::byMassAndVolume($number, $ingredient),
            PercentMeaning::ByVolume => self::byVolume($number, $ingredient),
            PercentMeaning::Purity => self::purity($number),
        };
    }

    /** Grams in 100 mL. A solid given so is a solution or an extract. */
    private static function byMassAndVolume(Interval $number, Ingredient $ingredient): Strength
    {
        $grams = $number->times(0.01);
        $density = $ingredient->substance?->density;
        if ($ingredient->percent === PercentMeaning::ByVolume && $density !== null) {
            $share = Interval::of($grams->low / $density->likely, $grams->likely / $density->likely, $grams->high / $density->likely);

            return Strength::of($grams, $share, $share->times(100.0));
        }

        return Strength::of($grams, null, $number, ! $ingredient->isLiquid);
    }

    private static function byVolume(Interval $number, Ingredient $ingredient): Strength
    {
        $density = $ingredient->substance?->density;
        if ($density === null || ! $ingredient->isLiquid) {
            throw StrengthException::onlyForThose('% v/v', 'liquids');
        }
        $share = $number->times(0.01);

        return Strength::of($share->times($density), $share, $number);
    }

    /** Grams in 100 g. For a liquid the density at that strength makes grams in 100 mL of it. */
    private static function byMass(Interval $number, Ingredient $ingredient): Strength
    {
        if (! $ingredient->isLiquid) {
            return self::purity($number);
        }
        $product = $ingredient->density ?? throw StrengthException::onlyForThose('% w/w', 'known-density');
        $pure = $ingredient->substance?->density;
        $perMl = static function (float $ww) use ($ingredient, $product, $pure): float {
            // The density depends on the strength it leads to: a few rounds settle it.
            $percent = $ww;
            $density = 1.0;
            for ($round = 0; $round < 30; $round++) {
                $density = $product->at($percent)->likely;
                $percent = $ingredient->percent === PercentMeaning::ByVolume && $pure !== null
                    ? min(100.0, $ww * $density / $pure->likely)
                    : ($ingredient->id === 'hydrogen-peroxide' ? $ww : $ww * $density);
            }

            return $ww * $density;
        };

        return self::byMassAndVolume(
            Interval::of($perMl($number->low), $perMl($number->likely), $perMl($number->high)),
            $ingredient,
        );
    }

    private static function purity(Interval $number): Strength
    {
        return Strength::of($number->times(0.01), null, $number);
    }

    /** No millilitre holds more than its own weight of the pure substance; 1.5 g/mL covers the heaviest here. */
    private static function ceiling(Ingredient $ingredient): float
    {
        return $ingredient->isLiquid ? 1.5 : 1.0;
    }
}
