<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Course;

use DateTimeImmutable;
use Nebbia\Core\Judgement\Hour\Room;
use Nebbia\Core\Weather\PartOfDay;

/** What of a course's plants matters to an hour: whether they stand indoors or flower, and when they are watered and fed. */
final readonly class PlantConditions
{
    /**
     * @param  list<PlantCare>  $care  each way of watering and feeding that matters
     * @param  list<PartOfDay>  $outAt  when the pest is where it can be hit; empty where that is always
     */
    private function __construct(
        public bool $indoors,
        public bool $inFlower,
        public bool $nightBreathing,
        public array $care,
        public array $outAt,
        /** Seconds since 1970: until then it is still settling in; null where nothing was moved. */
        public ?int $settledAt = null,
        /** All of it is wood without a leaf. */
        public bool $isBareWood = false,
        /** The sun comes through its window. */
        public bool $inWindow = false,
        /** Null for a usual one. */
        public ?Room $room = null,
    ) {}

    public static function plainly(bool $indoors = false, bool $inFlower = false): self
    {
        return new self($indoors, $inFlower, false, [], []);
    }

    public static function of(Course $course): self
    {
        $care = [];
        $nightBreathing = $course->plantings !== [];
        foreach ($course->plantings as $planting) {
            $nightBreathing = $nightBreathing && $planting->plant->nightBreathing;
            if ($planting->care !== null && $planting->care->key() !== '') {
                $care[$planting->care->key()] = $planting->care;
            }
        }
        ksort($care);

        return new self(
            $course->isIndoors(),
            $course->isInFlower(),
            $nightBreathing,
            array_values($care),
            $course->target->outAt,
            self::settledAt($course),
            $course->isBareWood(),
            $course->isInWindow(),
            $course->room,
        );
    }

    private static function settledAt(Course $course): ?int
    {
        $latest = null;
        foreach ($course->plantings as $planting) {
            $day =
                $planting->settles === null
                    ? false
                    : DateTimeImmutable::createFromFormat('!Y-m-d', $planting->settles, $course->place->zone);
            if ($day !== false) {
                $latest = max($latest ?? 0, $day->getTimestamp());
            }
        }

        return $latest;
    }

    /** Nothing but the weather matters. */
    public function isPlain(): bool
    {
        return $this->care === [] && $this->outAt === [] && $this->settledAt === null;
    }

    /** What rooms differ by. */
    public function indoorsKey(): string
    {
        return ($this->inWindow ? 'sun' : '').($this->room === null ? '' : $this->room->key());
    }

    public function key(): string
    {
        return ($this->settledAt === null ? '' : ".$this->settledAt").
            ($this->indoors ? '.in'.$this->indoorsKey() : '').
            ($this->isBareWood ? '.bare' : '').
            ($this->inFlower ? '.flower' : '').
            ($this->nightBreathing ? '.cam' : '').
            implode('', array_map(static fn (PlantCare $one): string => ".{$one->key()}", $this->care)).
            implode('', array_map(static fn (PartOfDay $one): string => ".{$one->value}", $this->outAt));
    }
}
