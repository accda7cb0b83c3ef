<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** So many fills of one sprayer. */
#[OA\Schema(schema: 'Fill')]
final readonly class FillResource
{
    public function __construct(
        #[OA\Property] public string $sprayer_id,
        #[OA\Property] public string $name,
        #[OA\Property] public int $fills,
        #[OA\Property] public string $each,
        #[OA\Property] public float $made_ml,
        #[OA\Property] public ?string $dedicated_to,
    ) {}
}
