<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ImportedPlantings')]
final readonly class ImportedPlantings
{
    public function __construct(
        #[OA\Property] public int $added,
        #[OA\Property] public int $changed,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
