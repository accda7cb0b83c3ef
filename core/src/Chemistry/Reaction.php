<?php

declare(strict_types=1);

namespace Nebbia\Core\Chemistry;

/**
 * What one set of amounts comes to, mol/L: each reaction runs until one side is used up, strongest acid and base first.
 *
 * Acid takes, in this order: hydroxide, carbonate (which becomes bicarbonate), ammonia, soap (curds), bicarbonate (gas). Then
 * hydroxide that is left turns bicarbonate into carbonate; then calcium and magnesium take soap, two for one.
 */
final class Reaction
{
    private const SOAPS = ['potassium-soap', 'sodium-soap'];

    private const BICARBONATE_OF = ['sodium-carbonate' => 'sodium-bicarbonate'];

    /** @var array<string, float> what is left of each substance */
    public array $left;

    public float $carbonDioxide = 0.0;

    /** Fatty acid set free from soap. */
    public float $curds = 0.0;

    /** Soap taken by calcium and magnesium. */
    public float $limeSoap = 0.0;

    /** Of that, by the Epsom salt. */
    public float $byEpsom = 0.0;

    /** Bicarbonate that hydroxide turned into carbonate. */
    public float $carbonateMade = 0.0;

    /** @var array<string, float> acid => equivalents of it that were neutralised, so that its salt is there instead */
    public array $salts = [];

    /** @param  array<string, float>  $amounts  substance => mol/L */
    private function __construct(array $amounts)
    {
        $this->left = $amounts;
    }

    /**
     * @param  array<string, float>  $amounts  substance => mol/L
     * @param  float  $calcium  that comes with the water and can take soap, mol/L
     * @param  float  $milkSoap  soap that the milk in it can take, mol/L
     */
    public static function of(array $amounts, Reagents $reagents, float $calcium, float $milkSoap): self
    {
        $reaction = new self($amounts);
        $reaction->neutralise($reagents);
        $reaction->makeCarbonate();
        $reaction->takeSoap(2.0 * $calcium + $milkSoap);
        $epsom = $reaction->left['magnesium-sulfate'] ?? 0.0;
        if ($epsom > 0.0) {
            $reaction->byEpsom = $reaction->takeSoap(2.0 * $epsom);
            $reaction->left['magnesium-sulfate'] -= $reaction->byEpsom / 2.0;
        }

        return $reaction;
    }

    private function neutralise(Reagents $reagents): void
    {
        foreach ($reagents->acids as $acid) {
            foreach ($reagents->bases as $base) {
                $protons = ($this->left[$acid] ?? 0.0) * Reagents::equivalents($acid);
                $takes = ($this->left[$base] ?? 0.0) * Reagents::equivalents($base);
                $extent = min($protons, $takes);
                if ($extent <= 0.0) {
                    continue;
                }
                $this->left[$acid] -= $extent / Reagents::equivalents($acid);
                $this->left[$base] -= $extent / Reagents::equivalents($base);
                $this->salts[$acid] = ($this->salts[$acid] ?? 0.0) + $extent;
                if (isset(self::BICARBONATE_OF[$base])) {
                    $this->left[self::BICARBONATE_OF[$base]] = ($this->left[self::BICARBONATE_OF[$base]] ?? 0.0) + $extent;
                } elseif (in_array($base, self::SOAPS, true)) {
                    $this->curds += $extent;
                } elseif (str_ends_with($base, '-bicarbonate')) {
                    $this->carbonDioxide += $extent;
                }
            }
        }
    }

    private function makeCarbonate(): void
    {
        foreach (['sodium-hydroxide', 'potassium-hydroxide'] as $hydroxide) {
            foreach (['sodium-bicarbonate', 'potassium-bicarbonate'] as $bicarbonate) {
                $extent = min($this->left[$hydroxide] ?? 0.0, $this->left[$bicarbonate] ?? 0.0);
                if ($extent > 0.0) {
                    $this->left[$hydroxide] -= $extent;
                    $this->left[$bicarbonate] -= $extent;
                    $this->carbonateMade += $extent;
                }
            }
        }
    }

    /** @return float soap that was taken, mol/L */
    private function takeSoap(float $most): float
    {
        $taken = 0.0;
        foreach (self::SOAPS as $soap) {
            $extent = min($this->left[$soap] ?? 0.0, $most - $taken);
            if ($extent > 0.0) {
                $this->left[$soap] -= $extent;
                $taken += $extent;
            }
        }
        $this->limeSoap += $taken;

        return $taken;
    }
}
