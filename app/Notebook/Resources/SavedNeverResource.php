<?php

declare(strict_types=1);

namespace App\Notebook\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedNever')]
final readonly class SavedNeverResource
{
    public function __construct(#[OA\Property] public LooksResource $looks, #[OA\Property] public ChangeResource $change) {}
}
