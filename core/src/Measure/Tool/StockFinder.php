<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Tool;

/**
 * Looks for a stock dilution where no tool measures a dose well enough. With A of the ingredient in W of water the dose d
 * lies in V = d · (A + W) / A of the stock; what a solid adds to the volume is left out, as in all mixes here.
 */
final class StockFinder
{
    /** Parts of the whole that one part of the ingredient makes: plain ones first. */
    private const FACTORS = [10, 20, 50, 100];

    /** Doses taken for the stock, mL or g. */
    private const TAKES = [1.0, 2.0, 2.5, 5.0, 10.0, 15.0, 20.0, 25.0, 50.0];

    /** mL of stock: more of it would be wasted than the care is worth. */
    private const MOST_STOCK = 500.0;

    private readonly MeasureFinder $finder;

    /** @var array<string, list<Measurement>> what makes a good beginning, for liquids and for solids */
    private array $takes = [];

    /** @var array<string, Measurement|null> mL => how to measure them */
    private array $found = [];

    public function __construct(private readonly Kit $kit)
    {
        $this->finder = new MeasureFinder($kit);
    }

    /**
     * @param  float  $dose  mL of a liquid, g of a solid
     * @param  float|null  $soluble  g in 100 mL of water for a solid; null for a liquid that mixes with water
     * @return StockDilution|null the one with the least left over; null where none comes near enough
     */
    public function find(float $dose, bool $isLiquid, ?float $soluble = null): ?StockDilution
    {
        $best = null;
        foreach ($this->takes($isLiquid) as $take) {
            foreach (self::FACTORS as $factor) {
                $wanted = $take->amount * ($factor - ($isLiquid ? 1 : 0));
                $water = $take->amount < 2 * $dose || $wanted > self::MOST_STOCK ? null : $this->volume($wanted);
                if ($water === null || (! $isLiquid && $soluble !== null && $take->amount > ($soluble * $water->amount) / 100)) {
                    continue;
                }
                $one = $this->stock($take, $water, $dose, $isLiquid);
                if ($one !== null && ($best === null || $one->leftOverMl() < $best->leftOverMl() - 1e-9)) {
                    $best = $one;
                }
            }
        }

        return $best;
    }

    private function stock(Measurement $take, Measurement $water, float $dose, bool $isLiquid): ?StockDilution
    {
        $stock = $water->amount + ($isLiquid ? $take->amount : 0.0);
        $use = $this->volume(($dose * $stock) / $take->amount);
        if ($use === null || $use->amount > 0.9 * $stock || $stock > self::MOST_STOCK) {
            return null;
        }
        // Worst cases: much of the ingredient in little water, or the reverse.
        $got = static fn (float $a, float $w, float $u): float => ($use->amount * $u * $take->amount * $a) /
            ($water->amount * $w + ($isLiquid ? $take->amount * $a : 0.0));
        $high = $got(1 + $take->spread, 1 - $water->spread, 1 + $use->spread);
        $low = $got(1 - $take->spread, 1 + $water->spread, 1 - $use->spread);
        $worst = max($high / $dose - 1, 1 - $low / $dose);

        return $worst > $this->kit->within * (1 + 1e-9)
            ? null
            : StockDilution::of($take, $water, $use, $stock, $got(1, 1, 1), $dose, $worst);
    }

    private function volume(float $ml): ?Measurement
    {
        $key = "$ml mL";

        return array_key_exists($key, $this->found) ? $this->found[$key] : ($this->found[$key] = $this->finder->find($ml, null));
    }

    /** @return list<Measurement> amounts that one scoop, draw or weighing measures well */
    private function takes(bool $isLiquid): array
    {
        return $this->takes[$isLiquid ? 'liquid' : 'solid'] ??= $this->lookForTakes($isLiquid);
    }

    /** @return list<Measurement> */
    private function lookForTakes(bool $isLiquid): array
    {
        $amounts = self::TAKES;
        foreach ($isLiquid ? $this->kit->all(ToolKind::Spoon) : [] as $spoon) {
            $amounts[] = $spoon->size;
        }
        $takes = [];
        foreach ($amounts as $amount) {
            $take = $isLiquid ? $this->finder->find($amount, null) : $this->finder->find(null, $amount);
            if ($take !== null && $take->effort <= 1.0 && $take->isWithin($this->kit->within)) {
                $takes[] = $take;
            }
        }

        return $takes;
    }
}
