<?php

declare(strict_types=1);

namespace Nebbia\Core\Chemistry;

use Nebbia\Core\Data\Interval;

/** The pH of a mix by charge balance, at its likely amounts and at both ends of what it may be. */
final readonly class PhFinder
{
    private const NEUTRAL = 7.0;

    /** Substances that push the pH down, beside the acids. */
    private const WEAK_ACIDS = ['hydrogen-peroxide'];

    public function __construct(private Reagents $reagents) {}

    /**
     * Null where nothing in it has to do with acid or alkali.
     *
     * @param  array<string, Interval>  $before  substance => g per 100 mL
     * @param  Interval  $alkalinity  eq/L
     * @param  Interval  $calcium  mol/L that takes soap
     * @param  Interval  $milkSoap  mol/L of soap that milk takes
     */
    public function find(array $before, Interval $alkalinity, Interval $calcium, Interval $milkSoap): ?FoundPh
    {
        $matters = array_filter(
            array_keys($before),
            fn (string $id): bool => $this->reagents->all[$id]->system !== null || $this->reagents->all[$id]->cations > 0.0,
        );
        if ($matters === []) {
            return null;
        }
        $acid = fn (string $id): bool => in_array($id, $this->reagents->acids, true) || in_array($id, self::WEAK_ACIDS, true);
        $amounts = $this->amounts($before, static fn (Interval $one): float => $one->likely);
        $reaction = Reaction::of($amounts, $this->reagents, $calcium->likely, $milkSoap->likely);
        $vented = $this->solution($amounts, $reaction, $alkalinity->likely, $reaction->carbonDioxide, null);
        $likely = $vented->ph();
        $fresh = $reaction->carbonDioxide > 0.0 ? $this->solution($amounts, $reaction, $alkalinity->likely, 0.0, null)->ph() : null;
        if ($this->isExact($before, $alkalinity)) {
            return new FoundPh(
                Interval::of(min($likely, $fresh ?? $likely), $likely, max($likely, $fresh ?? $likely)),
                $fresh,
                $this->acidity($vented),
            );
        }
        $low = $this->end(
            $before,
            static fn (Interval $one, string $id): float => $acid($id) ? $one->high : $one->low,
            $alkalinity->low,
            $calcium->low,
            $milkSoap->low,
            0,
        );
        $high = $this->end(
            $before,
            static fn (Interval $one, string $id): float => $acid($id) ? $one->low : $one->high,
            $alkalinity->high,
            $calcium->high,
            $milkSoap->high,
            1,
        );

        return new FoundPh(
            Interval::of(min($likely, $fresh ?? $likely, ...$low), $likely, max($likely, $fresh ?? $likely, ...$high)),
            $fresh,
            $this->acidity($vented),
        );
    }

    /** @param  array<string, Interval>  $before */
    private function isExact(array $before, Interval $alkalinity): bool
    {
        foreach ($before as $id => $percent) {
            if (! $percent->isExact() || isset($this->reagents->ends[$this->reagents->all[$id]->system ?? ''])) {
                return false;
            }
        }

        return $alkalinity->isExact();
    }

    private function acidity(Solution $solution): float
    {
        return max(0.0, 1000.0 * $solution->acidityTo(self::NEUTRAL));
    }

    /**
     * @param  array<string, Interval>  $before
     * @param  callable(Interval, string): float  $end
     * @return list<float> closed and vented
     */
    private function end(array $before, callable $end, float $alkalinity, float $calcium, float $milkSoap, int $which): array
    {
        $amounts = $this->amounts($before, $end);
        $reaction = Reaction::of($amounts, $this->reagents, $calcium, $milkSoap);
        $vented = $this->solution($amounts, $reaction, $alkalinity, $reaction->carbonDioxide, $which)->ph();

        return $reaction->carbonDioxide > 0.0 ? [$vented, $this->solution($amounts, $reaction, $alkalinity, 0.0, $which)->ph()] : [$vented];
    }

    /**
     * @param  array<string, Interval>  $before
     * @param  callable(Interval, string): float  $end
     * @return array<string, float>
     */
    private function amounts(array $before, callable $end): array
    {
        $amounts = [];
        foreach ($before as $id => $percent) {
            $amounts[$id] = $this->reagents->all[$id]->molar($end($percent, $id));
        }

        return $amounts;
    }

    /**
     * Soap that calcium has taken goes out with as much charge of the calcium; alkalinity is taken as bicarbonate.
     *
     * @param  array<string, float>  $amounts
     * @param  float  $gone  carbon dioxide that has left, mol/L
     * @param  int|null  $end  0 and 1: the low and the high end of an uncertain pKa
     */
    public function solution(array $amounts, Reaction $reaction, float $alkalinity, float $gone, ?int $end): Solution
    {
        $strong = $alkalinity - $reaction->limeSoap;
        $totals = ['carbonate' => $alkalinity - $gone, 'soap' => -$reaction->limeSoap];
        foreach ($amounts as $id => $molar) {
            $reagent = $this->reagents->all[$id];
            $strong += $molar * $reagent->cations;
            if ($reagent->system !== null) {
                $totals[$reagent->system] = ($totals[$reagent->system] ?? 0.0) + $molar;
            }
        }
        $weak = [];
        foreach ($totals as $system => $molar) {
            if ($molar > 0.0) {
                $weak[] = [
                    $end === null
                        ? $this->reagents->systems[$system]
                        : $this->reagents->ends[$system][$end] ?? $this->reagents->systems[$system],
                    $molar,
                ];
            }
        }

        return Solution::of($strong, $weak, $this->reagents->pkw);
    }
}
