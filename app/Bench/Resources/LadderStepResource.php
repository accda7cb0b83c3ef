<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'LadderStep')]
final readonly class LadderStepResource
{
    public function __construct(
        #[OA\Property(description: 'Of the full strength.')] public float $fraction,
        #[OA\Property] public float $wait_hours,
        #[OA\Property] public string $said,
    ) {}
}
