<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** A mark up the side of the vessel, in the gardener's units. */
#[OA\Schema(schema: 'LevelMark')]
final readonly class LevelMarkResource
{
    public function __construct(
        #[OA\Property] public float $ml,
        #[OA\Property] public string $label,
    ) {}
}
