<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** What one planting takes. */
#[OA\Schema(schema: 'StandNeed')]
final readonly class StandNeedResource
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public ?string $each,
        #[OA\Property] public string $total,
        #[OA\Property] public string $range,
        #[OA\Property] public string $because,
        #[OA\Property] public string $basis,
        #[OA\Property] public string $sure,
    ) {}
}
