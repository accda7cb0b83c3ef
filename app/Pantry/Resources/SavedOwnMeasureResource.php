<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use App\Notebook\Resources\ChangeResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedOwnMeasure')]
final readonly class SavedOwnMeasureResource
{
    public function __construct(
        #[OA\Property] public OwnMeasureResource $ownMeasure,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
