<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use App\Making\Resources\MixingStepResource;
use OpenApi\Attributes as OA;

/** A mix to be made, step by step. */
#[OA\Schema(schema: 'MixingPlan')]
final readonly class MixingPlanResource
{
    /**
     * @param  list<LineResource>  $lines
     * @param  list<MixingStepResource>  $steps  none where something stops it
     * @param  list<FindingResource>  $stops
     */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $makes,
        #[OA\Property(description: 'How often all of it is done.')] public int $fills,
        #[OA\Property] public float $final_ml,
        #[OA\Property] public float $capacity_ml,
        #[OA\Property] public float $usable_ml,
        #[OA\Property(enum: ['fine', 'notice', 'caution', 'stop'])] public string $severity,
        #[OA\Property] public string $headline,
        #[OA\Property] public string $keeps,
        #[OA\Property(items: new OA\Items(ref: LineResource::class))] public array $lines,
        #[OA\Property(items: new OA\Items(ref: MixingStepResource::class))] public array $steps,
        #[OA\Property(description: 'Why it must not be mixed.', items: new OA\Items(ref: FindingResource::class))] public array $stops,
    ) {}
}
