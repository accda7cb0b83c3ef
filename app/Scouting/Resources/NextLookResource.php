<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use OpenApi\Attributes as OA;

/** The one look that is expected to tell most. */
#[OA\Schema(schema: 'NextLook')]
final readonly class NextLookResource
{
    public function __construct(
        #[OA\Property] public string $sign,
        #[OA\Property] public string $name,
        #[OA\Property] public string $place,
        #[OA\Property] public string $where,
        #[OA\Property] public string $when,
        #[OA\Property] public string $look,
        #[OA\Property] public string $unlike,
        #[OA\Property] public float $gain_bits,
    ) {}
}
