<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** What something costs, and whether that is all of it. */
#[OA\Schema(schema: 'Cost')]
final readonly class CostResource
{
    public function __construct(
        #[OA\Property] public float $amount,
        #[OA\Property] public string $said,
        #[OA\Property(description: 'Whether the price of everything in it is known.')] public bool $is_whole,
    ) {}
}
