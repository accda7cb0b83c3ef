<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedSettings')]
final readonly class SavedSettings
{
    public function __construct(
        #[OA\Property] public GardenResource $garden,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
