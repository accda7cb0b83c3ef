<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** A bottle in the cupboard that can stand in for what a line asks for. */
#[OA\Schema(schema: 'Offer')]
final readonly class OfferResource
{
    public function __construct(
        #[OA\Property] public string $product_id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $strength,
        #[OA\Property(description: 'It is what the line asks for, at that strength.')] public bool $is_same,
    ) {}
}
