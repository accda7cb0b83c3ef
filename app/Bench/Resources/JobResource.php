<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** What an ingredient is there for, and whether it does it. */
#[OA\Schema(schema: 'Job')]
final readonly class JobResource
{
    public function __construct(
        #[OA\Property(description: 'Of the recipe; null for the base.')] public ?int $line,
        #[OA\Property] public string $ingredient,
        #[OA\Property(enum: ['pulls', 'helps', 'weak', 'over', 'idle', 'against', 'unknown'])] public string $pull,
        #[OA\Property] public string $job,
        #[OA\Property] public string $said,
    ) {}
}
