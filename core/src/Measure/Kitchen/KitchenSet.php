<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Kitchen;

use Nebbia\Core\Measure\Units;
use Nebbia\Core\Measure\UnitSystem;

/**
 * The spoons and cups of one system, and the nearest way to measure a volume with them.
 *
 * Teaspoons go by quarters (and one eighth), tablespoons by ones, cups by quarters and thirds.
 */
final class KitchenSet
{
    private const EIGHTH = 0.125;

    /** Volumes nearer to each other than this, mL, are the same. */
    private const SAME = 1e-6;

    private const CUP_FRACTIONS = [0.0, 0.25, 1 / 3, 0.5, 2 / 3, 0.75];

    private readonly float $tsp;

    private readonly float $tbsp;

    private readonly float $cup;

    /** @var array{int, string} how many cups are a gallon or a litre */
    private readonly array $large;

    /** @var list<array{float, string, float}> spoons alone: number, label, mL; smallest first */
    private array $teaspoons = [];

    /** @var list<array{float, string, float}> up to two tablespoons' worth, to finish off cups with */
    private array $manyTeaspoons = [];

    /** @var list<array{float, string, float}> */
    private array $tablespoons = [];

    private function __construct(Units $units, UnitSystem $system)
    {
        $ml = static fn (string $generic): float => $units->generic($generic, $system)->likely?->toFloat() ?? 0.0;
        $this->tsp = $ml('tsp');
        $this->tbsp = $ml('tbsp');
        $this->cup = $ml('cup');
        $this->large = in_array($system, [UnitSystem::Us, UnitSystem::Imperial], true) ? [16, 'gal'] : [4, 'L'];
        $perTbsp = (int) round($this->tbsp / $this->tsp);
        $this->teaspoons[] = [self::EIGHTH, 'tsp', self::EIGHTH * $this->tsp];
        for ($quarters = 1; $quarters < 8 * $perTbsp; $quarters++) {
            $spoon = [$quarters / 4, 'tsp', ($quarters / 4) * $this->tsp];
            $this->manyTeaspoons[] = $spoon;
            if ($quarters < 4 * $perTbsp) {
                $this->teaspoons[] = $spoon;
            }
        }
        for ($n = 1; $n * $this->tbsp < $this->cup / 2 - 1e-9; $n++) {
            $this->tablespoons[] = [(float) $n, 'tbsp', $n * $this->tbsp];
        }
    }

    public static function of(Units $units, UnitSystem $system): self
    {
        return new self($units, $system);
    }

    /**
     * The nearest combination of at most two; of equally near ones the one with fewer kinds.
     *
     * @param  float  $ml  above zero
     */
    public function nearest(float $ml): KitchenMeasure
    {
        $best = null;
        $bestError = INF;
        foreach ($this->beginnings($ml) as [$terms, $volume]) {
            foreach ($this->completions($terms, $ml - $volume) as [$allTerms, $added]) {
                $error = abs($volume + $added - $ml);
                $fewer = $best !== null && count($allTerms) < count($best->terms);
                if ($allTerms !== [] && ($error < $bestError - self::SAME || ($fewer && $error < $bestError + self::SAME))) {
                    $best = KitchenMeasureDraft::of($allTerms, $volume + $added);
                    $bestError = $error;
                }
            }
        }
        $best ??= KitchenMeasureDraft::of([[self::EIGHTH, 'tsp']], self::EIGHTH * $this->tsp);

        return KitchenMeasure::of($best->terms, $best->ml, $ml, $this->large);
    }

    /**
     * The larger kind, if any: cups just under and just over, or tablespoons, or nothing yet.
     *
     * @return list<array{list<array{float, string}>, float}>
     */
    private function beginnings(float $ml): array
    {
        $beginnings = [[[], 0.0]];
        $cups = (int) floor($ml / $this->cup);
        foreach ([$cups, $cups + 1] as $whole) {
            foreach (self::CUP_FRACTIONS as $fraction) {
                $number = $whole + $fraction;
                $volume = $number * $this->cup;
                if ($number > 0.0 && $volume < $ml + $this->cup / 4) {
                    $beginnings[] = [[[$number, 'cup']], $volume];
                }
            }
        }
        foreach ($this->tablespoons as [$number, $label, $volume]) {
            if ($volume < $ml + $this->tbsp) {
                $beginnings[] = [[[$number, $label]], $volume];
            }
        }

        return $beginnings;
    }

    /**
     * Nothing more, or the nearest of each smaller kind.
     *
     * @param  list<array{float, string}>  $terms
     * @return list<array{list<array{float, string}>, float}>
     */
    private function completions(array $terms, float $missing): array
    {
        $completions = [[$terms, 0.0]];
        if ($missing <= 0.0) {
            return $completions;
        }
        if ($terms === [] && $missing < $this->tbsp) {
            // A small dose may take quarters and an eighth.
            $quarters = floor((4 * $missing) / $this->tsp) / 4;
            if ($quarters > 0.0) {
                $completions[] = [[[$quarters, 'tsp'], [self::EIGHTH, 'tsp']], ($quarters + self::EIGHTH) * $this->tsp];
            }
        }
        $kinds = match ($terms[0][1] ?? '') {
            '' => [$this->tablespoons, $this->teaspoons],
            'cup' => [$this->tablespoons, $this->manyTeaspoons],
            default => [$this->teaspoons],
        };
        foreach ($kinds as $spoons) {
            // An eighth is a spoon for doses of its own, not for finishing off tablespoons.
            $nearest = $this->nearestSpoon(
                $terms === [] ? $spoons : array_filter($spoons, static fn (array $spoon): bool => $spoon[0] !== self::EIGHTH),
                $missing,
            );
            if ($nearest !== null) {
                $completions[] = [[...$terms, [$nearest[0], $nearest[1]]], $nearest[2]];
            }
        }

        return $completions;
    }

    /**
     * @param  array<int, array{float, string, float}>  $spoons
     * @return array{float, string, float}|null
     */
    private function nearestSpoon(array $spoons, float $ml): ?array
    {
        $best = null;
        foreach ($spoons as $spoon) {
            if ($best === null || abs($spoon[2] - $ml) < abs($best[2] - $ml)) {
                $best = $spoon;
            }
        }

        return $best;
    }
}
