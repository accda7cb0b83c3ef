<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use OpenApi\Attributes as OA;

/** A sprayer with what it last held. */
#[OA\Schema(schema: 'PantrySprayer')]
final readonly class PantrySprayerResource
{
    public function __construct(
        #[OA\Property] public SprayerResource $sprayer,
        #[OA\Property(description: 'What goes in, of what it holds, in the gardener\'s units.')] public string $goes_in,
        #[OA\Property] public ?string $squeeze,
        #[OA\Property] public ?string $minute,
        #[OA\Property(description: 'In the household\'s units.')] public ?string $passage,
        #[OA\Property(description: 'As they would be typed again.')] public TypedSprayerResource $typed,
        #[OA\Property] public ?HeldResource $held,
    ) {}
}
