<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** By which factor on all that is added a mix begins to work, needs care, and burns. */
#[OA\Schema(schema: 'Tipping')]
final readonly class TippingResource
{
    public function __construct(
        #[OA\Property] public ?float $works,
        #[OA\Property] public ?float $careful,
        #[OA\Property] public ?float $stop,
        #[OA\Property(description: 'What gets there first; null where it is all together.')] public ?string $careful_by,
        #[OA\Property] public ?string $stop_by,
    ) {}
}
