<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use OpenApi\Attributes as OA;

/** What a sprayer holds and gives, as it would be typed again in the household's units. */
#[OA\Schema(schema: 'TypedSprayer')]
final readonly class TypedSprayerResource
{
    public function __construct(
        #[OA\Property] public string $capacity,
        #[OA\Property] public string $finest_passage,
        #[OA\Property] public string $ten_squeezes,
        #[OA\Property] public string $one_minute,
    ) {}
}
