<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use App\Models\Sprayer;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Sprayer')]
final readonly class SprayerResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property] public float $capacity_ml,
        #[OA\Property] public float $usable_ml,
        #[OA\Property] public float $usable_fraction,
        #[OA\Property] public ?string $material,
        #[OA\Property] public ?string $dedicated_to,
        #[OA\Property] public ?float $finest_passage_mm,
        #[OA\Property] public ?float $ml_per_squeeze,
        #[OA\Property] public ?float $ml_per_minute,
    ) {}

    public static function of(Sprayer $sprayer): self
    {
        return new self(
            $sprayer->id,
            $sprayer->version,
            $sprayer->name,
            $sprayer->capacity_ml,
            $sprayer->vessel()->usableMl(),
            $sprayer->usable_fraction,
            $sprayer->material,
            $sprayer->dedicated_to,
            $sprayer->finest_passage_mm,
            $sprayer->ml_per_squeeze,
            $sprayer->ml_per_minute,
        );
    }
}
