<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use App\Notebook\Resources\ChangeResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedProduct')]
final readonly class SavedProductResource
{
    public function __construct(
        #[OA\Property] public ProductResource $product,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
