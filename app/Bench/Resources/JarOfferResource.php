<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** A jar that a line can be taken from. */
#[OA\Schema(schema: 'JarOffer')]
final readonly class JarOfferResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $state,
        #[OA\Property(description: 'State and what is left, in words.')] public string $said,
        #[OA\Property] public bool $is_fit,
    ) {}
}
