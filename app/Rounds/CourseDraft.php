<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\Planting;
use App\Models\Recipe;
use App\Models\Sprayer;
use App\Models\Trouble;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nebbia\Core\Mixing\Recipe\Repeat;
use Nebbia\Core\Planning\Course\Purpose;

/** A course as it is asked for: everything in it belongs to the garden and has been looked at. */
final readonly class CourseDraft
{
    /**
     * @param  Collection<int, Planting>  $plantings
     * @param  array<int, string>  $products  line of the recipe => the bottle taken for it
     * @param  list<array{string, int|null}>  $rounds  day as 2026-05-02 and hour, where they are not evenly spaced
     */
    public function __construct(
        public Recipe $recipe,
        public ?Sprayer $sprayer,
        public Collection $plantings,
        public ?string $target,
        public float $volumeMl,
        public Repeat $repeat,
        public CarbonImmutable $startsOn,
        public ?Trouble $trouble = null,
        public array $products = [],
        public array $rounds = [],
        public Purpose $purpose = Purpose::Outbreak,
        public ?Recipe $other = null,
        /** gone or frost: what ends it before its rounds are done. */
        public ?string $until = null,
    ) {}
}
