<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedPlanting')]
final readonly class SavedPlanting
{
    public function __construct(
        #[OA\Property] public PlantingResource $planting,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
