<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use App\Notebook\Resources\ChangeResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedSprayer')]
final readonly class SavedSprayerResource
{
    public function __construct(
        #[OA\Property] public SprayerResource $sprayer,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
