<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision;

use Nebbia\Core\Pest\Count\Sample;
use Nebbia\Core\Pest\Count\Trend;
use Nebbia\Core\Plant\Plant;
use Nebbia\Core\Target\Target;

/** A target on a planting, as far as it is known. */
final readonly class Trouble
{
    /**
     * @param  Sample|null  $sample  the last count, in the target's own measure
     * @param  Trend|null  $trend  since the count before it
     * @param  int|null  $daysToHarvest  null where nothing is harvested or the day is not known
     * @param  list<string>  $tacticsTried  ids
     */
    public function __construct(
        public Target $target,
        public Plant $plant,
        public bool $indoors = false,
        public ?Sample $sample = null,
        public ?Trend $trend = null,
        public EnemiesSeen $enemies = EnemiesSeen::None,
        public ?int $daysToHarvest = null,
        public PlantValue $value = PlantValue::Dear,
        public bool $inFlower = false,
        public array $tacticsTried = [],
    ) {}

    /** The last count as a multiple of the level below which watching is better; null where either is missing. */
    public function timesLevel(): ?float
    {
        $level = $this->target->watchUntil?->level->likely;

        return $level === null || $level <= 0.0 ? null : ($this->sample === null ? null : $this->sample->mean->likely / $level);
    }

    /** % of the leaf that is gone or covered, where that is what was judged. */
    public function percentLeaf(): ?float
    {
        return $this->sample?->measure->value === 'percent-leaf' ? $this->sample->mean->likely : null;
    }
}
