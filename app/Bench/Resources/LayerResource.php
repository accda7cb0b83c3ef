<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** What goes into the vessel, in mixing order. A solid adds no volume. */
#[OA\Schema(schema: 'Layer')]
final readonly class LayerResource
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $group,
        #[OA\Property] public string $amount,
        #[OA\Property] public ?string $measure,
        #[OA\Property] public float $volume_ml,
        #[OA\Property(description: 'Level before it goes in.')] public float $from_ml,
        #[OA\Property] public string $how,
    ) {}
}
