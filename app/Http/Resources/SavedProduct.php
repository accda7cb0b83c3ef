<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedProduct')]
final readonly class SavedProduct
{
    public function __construct(
        #[OA\Property] public ProductResource $product,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
