<?php

declare(strict_types=1);

namespace Nebbia\Core\Chemistry;

/**
 * What carries charge in a litre of water at 25 °C, and from that its pH. Ideal: activities are taken as 1, which is
 * 0.1 to 0.2 too high in a tenth molar solution.
 */
final readonly class Solution
{
    private const MOST_STEPS = 60;

    /**
     * @param  float  $strong  net charge of ions that never take up or give off protons, mol/L
     * @param  list<array{WeakSystem, float}>  $weak  each with its concentration, mol/L
     */
    private function __construct(
        public float $strong,
        public array $weak,
        private float $kw,
    ) {}

    /** @param  list<array{WeakSystem, float}>  $weak */
    public static function of(float $strong, array $weak, float $pkw): self
    {
        return new self($strong, $weak, 10 ** -$pkw);
    }

    /** Sum of all charges at this pH, mol/L; falls steadily with the pH and is nothing at the true one. */
    public function chargeAt(float $ph): float
    {
        $h = 10 ** -$ph;
        $charge = $this->strong + $h - $this->kw / $h;
        foreach ($this->weak as [$system, $concentration]) {
            $charge += $concentration * $system->chargeAt($h);
        }

        return $charge;
    }

    /** The pH at which charges balance, by halving between -1 and 15.5; good to a millionth. */
    public function ph(): float
    {
        $low = -1.0;
        $high = 15.5;
        for ($step = 0; $step < self::MOST_STEPS && $high - $low > 1e-6; $step++) {
            $middle = ($low + $high) / 2;
            if ($this->chargeAt($middle) > 0.0) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    /** Hydroxide that would have to be added to bring it to this pH, mol/L; below zero where it is more alkaline already. */
    public function acidityTo(float $ph): float
    {
        return $this->chargeAt($ph) * -1.0;
    }
}
