<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\Batch;
use App\Models\Planting;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** What is told of a round that was done, or of a part of it. */
final readonly class SprayReport
{
    /** @param  Collection<int, Planting>  $plantings  that were sprayed */
    public function __construct(
        public CarbonImmutable $at,
        /** mL that went on them. */
        public float $volumeMl,
        public Collection $plantings,
        public ?string $by = null,
        public ?string $note = null,
        public ?bool $rinsed = null,
        public ?Batch $batch = null,
        /** mL that were mixed for it; what was sprayed if left out. */
        public ?float $madeMl = null,
        /** What else it was put on, where that is no planting. */
        public ?string $on = null,
    ) {}
}
