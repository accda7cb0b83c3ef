<?php

declare(strict_types=1);

namespace App\Garden\Resources;

use App\Notebook\Resources\ChangeResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedZone')]
final readonly class SavedZoneResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
