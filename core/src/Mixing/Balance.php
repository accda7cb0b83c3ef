<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Mixing\Recipe\Basis;
use Nebbia\Core\Mixing\Recipe\RecipeException;

/**
 * The volumes of a mix, all solved together, and what is in it at worst and at best.
 *
 * With F the poured outright doses, R those per mL of base B, S those per mL of finished volume V:
 *   added:  V = (B·(1 + R) + F) / (1 − S)
 *   final:  B = (V·(1 − S) − F) / (1 + R)
 * Solids add no volume; volumes of liquids add up.
 */
final readonly class Balance
{
    /** Rounds of the search for the worst case; two settle nearly every recipe. */
    private const MAX_ROUNDS = 8;

    public float $baseMl;

    public float $finalMl;

    /** @var list<float> mL poured or g of each line at the likely values */
    public array $amounts;

    /** @var list<int> positions (0 is the base) whose size is not exact */
    private array $uncertain;

    /** @var list<float> */
    private array $likely;

    /**
     * @param  Interval  $base  mL, as the basis means it
     * @param  list<Dose>  $doses  in the recipe's order
     *
     * @throws RecipeException if the shares of the whole leave nothing for the base
     */
    public function __construct(
        private Basis $basis,
        private Interval $base,
        private array $doses,
    ) {
        $uncertain = $base->isExact() ? [] : [0];
        $likely = [$base->likely];
        foreach ($doses as $n => $dose) {
            $likely[] = $dose->size->likely;
            if (! $dose->size->isExact()) {
                $uncertain[] = $n + 1;
            }
        }
        $this->uncertain = $uncertain;
        $this->likely = $likely;
        $this->refuseOverfull();
        [$this->baseMl, $this->finalMl, $this->amounts] = $this->solve($likely);
    }

    public function finalVolume(): Interval
    {
        if ($this->uncertain === []) {
            return Interval::exactly($this->finalMl);
        }
        $low = [$this->base->low];
        $high = [$this->base->high];
        foreach ($this->doses as $dose) {
            $low[] = $dose->size->low;
            $high[] = $dose->size->high;
        }

        return Interval::of($this->solve($low)[1], $this->finalMl, $this->solve($high)[1]);
    }

    /**
     * Concentration in the finished spray of something of which each line (1 …) and the base (0) hold so much per mL or g.
     *
     * The worst case is a vertex of the box of uncertain sizes. Concentration is a ratio of two functions linear in each
     * size, so going up one size at a time until nothing improves finds it.
     *
     * @param  array<int, Interval>  $contents  position => content of one unit
     */
    public function concentration(array $contents): Interval
    {
        $likely = $this->at($this->likely, $contents, 'likely');
        if ($this->uncertain === []) {
            return Interval::of($this->at($this->likely, $contents, 'low'), $likely, $this->at($this->likely, $contents, 'high'));
        }

        return Interval::of(
            min($likely, $this->extreme($contents, 'low', -1)),
            $likely,
            max($likely, $this->extreme($contents, 'high', 1)),
        );
    }

    /** @param  array<int, Interval>  $contents */
    private function extreme(array $contents, string $end, int $direction): float
    {
        $point = $this->likely;
        $best = $this->at($point, $contents, $end);
        for ($round = 0; $round < self::MAX_ROUNDS; $round++) {
            $improved = false;
            foreach ($this->uncertain as $position) {
                $size = $position === 0 ? $this->base : $this->doses[$position - 1]->size;
                foreach ([$size->low, $size->high] as $candidate) {
                    $trial = $point;
                    $trial[$position] = $candidate;
                    $value = $this->at(array_values($trial), $contents, $end);
                    if (($value - $best) * $direction > 1e-12 * abs($best)) {
                        $best = $value;
                        $point = array_values($trial);
                        $improved = true;
                    }
                }
            }
            if (! $improved) {
                break;
            }
        }

        return $best;
    }

    /**
     * @param  list<float>  $point
     * @param  array<int, Interval>  $contents
     */
    private function at(array $point, array $contents, string $end): float
    {
        [$base, $final, $amounts] = $point === $this->likely ? [$this->baseMl, $this->finalMl, $this->amounts] : $this->solve($point);
        $held = 0.0;
        foreach ($contents as $position => $content) {
            $amount = $position > 0 ? $amounts[$position - 1] : $base;
            $held += $amount * ($end === 'likely' ? $content->likely : ($end === 'low' ? $content->low : $content->high));
        }

        return $held / $final;
    }

    /**
     * @param  list<float>  $point  size of the base, then of each line
     * @return array{float, float, list<float>} base mL, final mL, amounts
     */
    private function solve(array $point): array
    {
        $outright = $perBase = $perFinal = 0.0;
        foreach ($this->doses as $n => $dose) {
            if ($dose->isPoured) {
                match ($dose->per) {
                    UnitKind::PerBase => $perBase += $point[$n + 1],
                    UnitKind::PerFinal => $perFinal += $point[$n + 1],
                    default => $outright += $point[$n + 1],
                };
            }
        }
        if ($this->basis === Basis::Added) {
            $base = $point[0];
            $final = ($base * (1 + $perBase) + $outright) / (1 - $perFinal);
        } else {
            $final = $point[0];
            $base = ($final * (1 - $perFinal) - $outright) / (1 + $perBase);
        }
        $amounts = [];
        foreach ($this->doses as $n => $dose) {
            $amounts[] = $point[$n + 1] * match ($dose->per) {
                UnitKind::PerBase => $base,
                UnitKind::PerFinal => $final,
                default => 1.0,
            };
        }

        return [$base, $final, $amounts];
    }

    private function refuseOverfull(): void
    {
        $share = 0.0;
        foreach ($this->doses as $n => $dose) {
            if ($dose->isPoured && $dose->per === UnitKind::PerFinal) {
                $share += $dose->size->high;
                if ($share >= 1.0 - 1e-12) {
                    throw RecipeException::sharesOverWhole("ingredients.$n.amount");
                }
            }
        }
    }
}
