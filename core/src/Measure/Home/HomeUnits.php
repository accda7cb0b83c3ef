<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Home;

use Nebbia\Core\Data\Sentence\Figures;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitSystem;

/**
 * Sizes of plants, ground, pots and rain as a household says them: feet, square feet, gallons and inches of rain in the US; feet,
 * square feet, pints and gallons, but millimetres of rain and °C in Britain; metric elsewhere.
 */
final readonly class HomeUnits
{
    public const CM_PER_INCH = 2.54;

    public const CM_PER_FOOT = 30.48;

    public const M2_PER_SQ_FT = 0.09290304;

    public const MM_PER_INCH = 25.4;

    public const KM_PER_MILE = 1.609344;

    public const ML_PER_IMP_PINT = 568.26125;

    /** From four feet on, less an inch, heights are said in feet. */
    private const FEET_FROM = 47.0;

    private function __construct(public UnitSystem $system) {}

    public static function of(?UnitSystem $system): self
    {
        return new self($system ?? UnitSystem::Metric);
    }

    public function isMetric(): bool
    {
        return $this->system === UnitSystem::Metric || $this->system === UnitSystem::Au;
    }

    /** What a size that is written without a unit is in. */
    public function lengthUnit(): string
    {
        return $this->isMetric() ? 'cm' : 'in';
    }

    public function areaUnit(): string
    {
        return $this->isMetric() ? 'm²' : 'sq ft';
    }

    public function potUnit(): string
    {
        return $this->isMetric() ? 'L' : 'gal';
    }

    /** Whose gallon is meant. */
    public function litresPerGallon(): float
    {
        return $this->system === UnitSystem::Imperial || $this->system === UnitSystem::Au
            ? PotSize::LITRES_PER_IMP_GALLON
            : PotSize::LITRES_PER_GALLON;
    }

    public function rainUnit(): string
    {
        return $this->system === UnitSystem::Us ? 'in' : 'mm';
    }

    /** cm as it is typed again into a field of {@see lengthUnit()}, to three figures. */
    public function typedLength(float $cm): string
    {
        return Figures::say($this->isMetric() ? $cm : $cm / self::CM_PER_INCH);
    }

    public function typedArea(float $m2): string
    {
        return Figures::say($this->isMetric() ? $m2 : $m2 / self::M2_PER_SQ_FT);
    }

    public function typedPot(float $litres): string
    {
        return Figures::say($this->isMetric() ? $litres : $litres / $this->litresPerGallon());
    }

    /** @param  float  $cm above zero */
    public function length(float $cm): string
    {
        if ($this->isMetric()) {
            return $cm >= 150.0 ? Figures::say(round($cm) / 100.0).' m' : Figures::say($cm).' cm';
        }
        $inches = $cm / self::CM_PER_INCH;
        if ($inches >= self::FEET_FROM) {
            return KitchenFraction::pretty(self::by($inches / 12.0, $inches < 240.0 ? 0.5 : 1.0)).' ft';
        }

        return match (true) {
            $inches >= 9.75 => Figures::say(round($inches)),
            $inches >= 0.9 => KitchenFraction::pretty(self::by($inches, 0.5)),
            default => self::fraction($inches, 8),
        }.' in';
    }

    /** @param  float  $m2 above zero */
    public function area(float $m2): string
    {
        if ($this->isMetric()) {
            return Figures::say($m2).' m²';
        }
        $feet = $m2 / self::M2_PER_SQ_FT;

        return Figures::say(self::by($feet, $feet < 9.75 ? 0.5 : ($feet < 99.5 ? 1.0 : 5.0)), 8).' sq ft';
    }

    /**
     * A spoon or cup by its name, where it is exactly one: "½ tsp"; null where it is of a size of its own, or where millilitres say it.
     *
     * @param  float  $ml zero or more
     */
    public function spoon(float $ml): ?string
    {
        $sizes = match ($this->system) {
            UnitSystem::Us => self::spoons(PreciseWords::ML_PER_US_TSP, 8.0 * PreciseWords::ML_PER_US_FL_OZ),
            UnitSystem::Imperial => self::spoons(PreciseWords::ML_PER_METRIC_TSP, 10.0 * PreciseWords::ML_PER_IMP_FL_OZ),
            default => [],
        };
        foreach ($sizes as $spoon => $each) {
            foreach ([2.0, 1.0, 0.75, 2 / 3, 0.5, 1 / 3, 0.25, 0.125] as $part) {
                if (abs($ml - $part * $each) < 0.001 * $ml) {
                    return KitchenFraction::pretty($part)." $spoon";
                }
            }
        }

        return null;
    }

    /** @param  float  $litres above zero */
    public function pot(float $litres): string
    {
        if ($this->system === UnitSystem::Imperial && $litres < 4.5) {
            return Figures::say($litres * 1000.0 / self::ML_PER_IMP_PINT, Figures::OF_STRENGTH).' pt';
        }

        return $this->system === UnitSystem::Us && $litres < 0.995 * PotSize::LITRES_PER_GALLON
            ? Figures::say($litres / PotSize::LITRES_PER_GALLON * 4.0, Figures::OF_STRENGTH).' qt'
            : PreciseWords::volume($litres * 1000.0, $this->system);
    }

    /** @param  float  $mm zero or more */
    public function rain(float $mm): string
    {
        return $this->rainUnit() === 'mm'
            ? Figures::say($mm, Figures::OF_STRENGTH).' mm'
            // A gauge is read to hundredths.
            : Figures::say(round($mm / self::MM_PER_INCH, $mm < 10.0 * self::MM_PER_INCH ? 2 : 1), Figures::OF_STRENGTH).' in';
    }

    /**
     * Inches below one, as a ruler shows them.
     *
     * @param  int  $of  eighths or sixteenths
     */
    public static function fraction(float $inches, int $of): string
    {
        $parts = max(1, (int) round($inches * $of));
        for (; $parts % 2 === 0; $parts = intdiv($parts, 2)) {
            $of = intdiv($of, 2);
        }

        return $of === 16 ? "$parts/16" : KitchenFraction::pretty($parts / $of);
    }

    /** @return array<string, float> mL, the largest first */
    private static function spoons(float $teaspoon, float $cup): array
    {
        return ['cup' => $cup, 'tbsp' => 3.0 * $teaspoon, 'tsp' => $teaspoon];
    }

    private static function by(float $number, float $step): float
    {
        return round($number / $step) * $step;
    }
}
