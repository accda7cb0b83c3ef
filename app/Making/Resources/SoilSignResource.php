<?php

declare(strict_types=1);

namespace App\Making\Resources;

use OpenApi\Attributes as OA;

/** What is seen in the soil test, and what it says. */
#[OA\Schema(schema: 'SoilSign')]
final readonly class SoilSignResource
{
    public function __construct(
        #[OA\Property] public string $seen,
        #[OA\Property] public string $means,
    ) {}
}
