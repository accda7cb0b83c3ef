<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

/** A test patch that has waited long enough. */
#[OA\Schema(schema: 'DuePatch')]
final readonly class DuePatchResource
{
    public function __construct(
        #[OA\Property] public string $planting_id,
        #[OA\Property] public string $planting,
        #[OA\Property] public string $recipe,
        #[OA\Property(description: 'Of the full strength.')] public float $fraction,
    ) {}
}
