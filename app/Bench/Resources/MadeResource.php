<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** Something that was not put in, and is there now. */
#[OA\Schema(schema: 'Made')]
final readonly class MadeResource
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public float $grams_per_litre,
        #[OA\Property] public string $said,
    ) {}
}
