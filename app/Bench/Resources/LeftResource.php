<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** What becomes of one substance, g per 100 mL. */
#[OA\Schema(schema: 'Left')]
final readonly class LeftResource
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public float $before,
        #[OA\Property] public IntervalResource $after,
        #[OA\Property(description: 'Both, in words.')] public string $said,
    ) {}
}
