<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedPreparation')]
final readonly class SavedPreparation
{
    public function __construct(
        #[OA\Property] public PreparationStory $story,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
