<?php

declare(strict_types=1);

namespace App\Settings\Resources;

use App\Notebook\Resources\ChangeResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedSettings')]
final readonly class SavedSettingsResource
{
    public function __construct(
        #[OA\Property] public GardenResource $garden,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
