<?php

declare(strict_types=1);

namespace App\Garden\Resources;

use App\Notebook\Resources\ChangeResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedPlanting')]
final readonly class SavedPlantingResource
{
    public function __construct(
        #[OA\Property] public PlantingResource $planting,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
