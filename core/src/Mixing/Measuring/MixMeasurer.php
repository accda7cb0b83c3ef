<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Measuring;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Measure\Kitchen\Drops;
use Nebbia\Core\Measure\Tool\Kit;
use Nebbia\Core\Measure\Tool\MeasureFinder;
use Nebbia\Core\Measure\Tool\Measurement;
use Nebbia\Core\Measure\Tool\OwnMeasures;
use Nebbia\Core\Measure\Tool\StockFinder;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\MixLine;
use Nebbia\Core\Substance\Ingredient;

/** Measures every line of a mix with a kit of tools. */
final readonly class MixMeasurer
{
    /** A larger dose is a matter for better tools, not for a stock. */
    private const LARGEST_STOCK_DOSE = 10.0;

    /** Below this error a spoon will do: a thinned stock is more work, and more to go wrong. */
    private const SPOON_WILL_DO = 0.2;

    /** What does not mix with water evenly cannot be thinned in it. */
    private const NOT_THINNED = ['oil', 'extract', 'caustic', 'powder', 'milk'];

    private const MOST_FOR_BASE = 4.0;

    private MeasureFinder $finder;

    private StockFinder $stocks;

    public function __construct(private Drops $drops, private Kit $kit, private ?OwnMeasures $own = null)
    {
        $this->finder = new MeasureFinder($kit);
        $this->stocks = new StockFinder($kit);
    }

    /** @return list<LineMeasure> in the recipe's order; all empty where there are no tools */
    public function measure(Mix $mix): array
    {
        return array_map($this->line(...), $mix->lines);
    }

    /** The base liquid, poured; null where it would take more scoops than a line on the vessel is worth. */
    public function volume(float $ml): ?Measurement
    {
        $found = $this->finder->find($ml, null);

        return $found === null || $found->effort > self::MOST_FOR_BASE || ! $found->isWithin($this->kit->within) ? null : $found;
    }

    private function line(MixLine $worked): LineMeasure
    {
        $line = $worked->line;
        $ingredient = $line->ingredient;
        if ($this->kit->isEmpty() || $line->amount->unit->kind === UnitKind::Count) {
            return LineMeasure::direct(null, true);
        }
        $isLiquid = $line->isPoured();
        if ($isLiquid && $line->amount->unit->id === 'drop' && $worked->volumeMl !== null) {
            $drops = $this->finder->drops($worked->volumeMl, $this->drop($ingredient));
            if ($drops !== null) {
                // Drops were written, and there is a dropper.
                return LineMeasure::direct($drops, true);
            }
        }
        $found = $this->finder->find(
            $worked->volumeMl,
            $worked->massG,
            $isLiquid ? $this->drop($ingredient) : null,
            $isLiquid ? 0.0 : $this->volumeSpread($worked),
            $ingredient->weighOnly,
            $isLiquid,
        );
        $isNear = $found !== null && $found->isWithin($this->kit->within);
        $dose = ($isLiquid ? $worked->volumeMl : $worked->massG) ?? 0.0;
        if (
            $isNear ||
            ($found !== null && $found->worst() <= self::SPOON_WILL_DO) ||
            $line->ingredient->substance?->isPlant === true ||
            $dose <= 0.0 ||
            $dose > self::LARGEST_STOCK_DOSE ||
            in_array($ingredient->group, self::NOT_THINNED, true) ||
            (! $isLiquid && $ingredient->soluble === null)
        ) {
            return LineMeasure::direct($found, $isNear);
        }
        $stock = $this->stocks->find($dose, $isLiquid, $ingredient->soluble);

        return $stock === null ? LineMeasure::direct($found, false) : LineMeasure::throughStock($found, $stock);
    }

    /** Spooning what the recipe weighs is as rough as the powder is loose; spooning what it spoons is not. */
    private function volumeSpread(MixLine $worked): float
    {
        $density = $worked->line->ingredient->density?->at($worked->line->strength->percent->likely);

        return $density === null || $worked->line->amount->unit->kind === UnitKind::Volume
            ? 0.0
            : max($density->high / $density->likely - 1.0, 1.0 - $density->low / $density->likely);
    }

    private function drop(Ingredient $ingredient): Interval
    {
        $own = $this->own?->find('drop', $ingredient->id);

        return $own === null || $own->isWeighed ? $this->drops->of($ingredient->drop) : $own->one;
    }
}
