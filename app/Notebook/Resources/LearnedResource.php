<?php

declare(strict_types=1);

namespace App\Notebook\Resources;

use App\Bench\Resources\IntervalResource;
use OpenApi\Attributes as OA;

/** What own looks have made of a threshold. */
#[OA\Schema(schema: 'Learned')]
final readonly class LearnedResource
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $unit,
        #[OA\Property(description: 'Careful from, by our figures.')] public float $prior,
        #[OA\Property(description: 'Careful from, by our figures and what was seen.')] public float $careful,
        #[OA\Property] public float $factor,
        #[OA\Property] public IntervalResource $range,
        #[OA\Property] public int $looks,
        #[OA\Property(description: 'Where care begins here, with its unit.')] public string $said,
        #[OA\Property] public string $said_range,
        #[OA\Property(description: 'By our figures alone.')] public string $said_prior,
    ) {}
}
