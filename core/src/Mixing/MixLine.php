<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing;

use Nebbia\Core\Measure\Kitchen\KitchenMeasure;
use Nebbia\Core\Mixing\Recipe\RecipeLine;

/** A line of a recipe worked out. */
final readonly class MixLine
{
    private function __construct(
        public RecipeLine $line,
        /** Poured, or spooned for a solid; null for what is counted or has no known density. */
        public ?float $volumeMl,
        /** Null where the density of a liquid is not known. Of a tablet, its active substance. */
        public ?float $massG,
        /** Null where it cannot or must not be measured with spoons. */
        public ?KitchenMeasure $measure,
        /** The gardener has measured what one of its unit holds, so that the wide default is not taken. */
        public bool $isCalibrated,
    ) {}

    public static function of(RecipeLine $line, ?float $volumeMl, ?float $massG, ?KitchenMeasure $measure, bool $isCalibrated = false): self
    {
        return new self($line, $volumeMl, $massG, $measure, $isCalibrated);
    }

    /**
     * @return array{ingredient: string, volume_ml: float|null, mass_g: float|null, measure: string|null, measure_error_percent: float|null}
     */
    public function toArray(): array
    {
        return [
            'ingredient' => $this->line->ingredient->id,
            'volume_ml' => $this->volumeMl,
            'mass_g' => $this->massG,
            'measure' => $this->measure?->text,
            'measure_error_percent' => $this->measure?->errorPercent,
        ];
    }
}
