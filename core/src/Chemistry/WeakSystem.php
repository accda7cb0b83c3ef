<?php

declare(strict_types=1);

namespace Nebbia\Core\Chemistry;

/** A weak acid with all its forms: from the one that has all protons to the one that has given them up. */
final readonly class WeakSystem
{
    /**
     * @param  list<float>  $pka  at 25 °C, first proton first
     * @param  int  $charge  of the form that has all protons
     */
    private function __construct(
        public string $id,
        public array $pka,
        public int $charge,
    ) {}

    /** @param  list<float>  $pka */
    public static function of(string $id, array $pka, int $charge = 0): self
    {
        return new self($id, $pka, $charge);
    }

    /**
     * Mean charge of one molecule at this concentration of hydrogen ions: Σ zᵢ αᵢ, with the parts α from the product of
     * the acid constants (any textbook of analytical chemistry).
     *
     * @param  float  $h  mol/L, activities taken as 1
     */
    public function chargeAt(float $h): float
    {
        $form = 1.0;
        $all = 1.0;
        $charge = (float) $this->charge;
        $z = $this->charge;
        foreach ($this->pka as $pka) {
            $form *= 10 ** -$pka / $h;
            $z--;
            $all += $form;
            $charge += $z * $form;
        }

        return $charge / $all;
    }

    /** Part of it that has kept all its protons, 0 to 1. */
    public function undissociatedAt(float $h): float
    {
        $form = 1.0;
        $all = 1.0;
        foreach ($this->pka as $pka) {
            $form *= 10 ** -$pka / $h;
            $all += $form;
        }

        return 1.0 / $all;
    }
}
