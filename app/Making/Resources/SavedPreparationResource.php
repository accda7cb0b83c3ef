<?php

declare(strict_types=1);

namespace App\Making\Resources;

use App\Notebook\Resources\ChangeResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedPreparation')]
final readonly class SavedPreparationResource
{
    public function __construct(
        #[OA\Property] public PreparationStoryResource $story,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
