<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Course;

use Nebbia\Core\Judgement\Evidence\SaidNever;
use Nebbia\Core\Plant\Plant;
use Nebbia\Core\Plant\Stage;

/** Plants that a course is for. */
final readonly class CoursePlanting
{
    /** @param  list<SaidNever>  $nevers  what is not to be put on it again */
    public function __construct(
        public string $id,
        public Plant $plant,
        public int $number,
        public Stage $stage,
        public ?float $heightCm = null,
        public bool $indoors = false,
        public bool $inFlower = false,
        /** Day of the harvest, as 2026-05-02. */
        public ?string $harvest = null,
        /** Null where nobody has said how it is watered and fed. */
        public ?PlantCare $care = null,
        /** Day on which it has settled since it was planted, potted or moved, as 2026-05-02. */
        public ?string $settles = null,
        /** Indoors, within half a metre of a window that the sun comes through. */
        public bool $inWindow = false,
        public array $nevers = [],
    ) {}
}
