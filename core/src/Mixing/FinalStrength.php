<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Substance\Substance;

/**
 * How strong a mix is in one substance, as added, before anything reacts.
 *
 * @phpstan-type Figures array{low: float, likely: float, high: float}
 */
final readonly class FinalStrength
{
    private function __construct(
        public Substance $substance,
        /** Grams per 100 mL; of plant material for extracts. */
        public Interval $percentWv,
        /** Millilitres per 100 mL, where the substance is measured by volume. */
        public ?Interval $percentVv,
        /** As percentWv, with dry plant material counted as fresh. */
        public Interval $percentFresh,
    ) {}

    public static function of(Substance $substance, Interval $percentWv, ?Interval $percentVv, Interval $percentFresh): self
    {
        return new self($substance, $percentWv, $percentVv, $percentFresh);
    }

    /** mg/L */
    public function ppm(): Interval
    {
        return $this->percentWv->times(10_000.0);
    }

    /** In the unit a threshold is said in: % w/v, % v/v or mg/L. */
    public function in(string $unit): ?Interval
    {
        return match ($unit) {
            '% v/v' => $this->percentVv,
            'mg/L' => $this->ppm(),
            default => $this->percentFresh,
        };
    }

    /**
     * @return array{substance: string, percent_wv: Figures, percent_vv: Figures|null, ppm: Figures}
     */
    public function toArray(): array
    {
        return [
            'substance' => $this->substance->id,
            'percent_wv' => $this->percentWv->toArray(),
            'percent_vv' => $this->substance->shownByVolume ? $this->percentVv?->toArray() : null,
            'ppm' => $this->ppm()->toArray(),
        ];
    }
}
