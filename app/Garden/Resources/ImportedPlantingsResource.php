<?php

declare(strict_types=1);

namespace App\Garden\Resources;

use App\Notebook\Resources\ChangeResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ImportedPlantings')]
final readonly class ImportedPlantingsResource
{
    public function __construct(
        #[OA\Property] public int $added,
        #[OA\Property] public int $changed,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
