<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Course;

use Nebbia\Core\Judgement\Hour\Room;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Target\Target;
use Nebbia\Core\Weather\Place;

/** A target, plantings and a remedy, or two that take turns. */
final readonly class Course
{
    /**
     * @param  list<CoursePlanting>  $plantings
     * @param  non-empty-list<Mix>  $mixes  one, or two that take turns
     */
    public function __construct(
        public string $id,
        public Target $target,
        public Purpose $purpose,
        /** The first day on which a round may be, as 2026-05-02. */
        public string $start,
        public Place $place,
        public array $plantings,
        public array $mixes,
        public FreeHours $free,
        /** What two courses cannot hold at once; null where nothing is said. */
        public ?string $sprayer = null,
        /** Hours that filling and spraying take, at least one. */
        public int $hours = 1,
        /** The air where it stands indoors, as measured; null for a usual room. */
        public ?Room $room = null,
    ) {}

    public function mixOf(int $round): Mix
    {
        return $this->mixes[$round % count($this->mixes)];
    }

    public function isInFlower(): bool
    {
        foreach ($this->plantings as $planting) {
            if ($planting->inFlower) {
                return true;
            }
        }

        return false;
    }

    /** All of it is dormant and without a leaf. */
    public function isBareWood(): bool
    {
        foreach ($this->plantings as $planting) {
            if ($planting->stage !== Stage::Dormant || ! $planting->plant->isBareInWinter) {
                return false;
            }
        }

        return $this->plantings !== [];
    }

    /** Some of it stands where the sun comes through a window. */
    public function isInWindow(): bool
    {
        foreach ($this->plantings as $planting) {
            if ($planting->indoors && $planting->inWindow) {
                return true;
            }
        }

        return false;
    }

    /** All of it stands indoors. */
    public function isIndoors(): bool
    {
        foreach ($this->plantings as $planting) {
            if (! $planting->indoors) {
                return false;
            }
        }

        return $this->plantings !== [];
    }
}
