<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use OpenApi\Attributes as OA;

/** How to count. */
#[OA\Schema(schema: 'SamplingPlan')]
final readonly class PlanResource
{
    /** @param  list<int>  $plants places in the row */
    public function __construct(
        #[OA\Property(enum: ['per-leaf', 'per-plant', 'per-card', 'percent-leaf', 'percent-plants'])] public string $measure,
        #[OA\Property] public string $unit,
        #[OA\Property(items: new OA\Items(type: 'integer'))] public array $plants,
        #[OA\Property] public int $leaves_per_plant,
        #[OA\Property] public string $how,
    ) {}
}
