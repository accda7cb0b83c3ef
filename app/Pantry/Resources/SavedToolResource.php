<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use App\Notebook\Resources\ChangeResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedTool')]
final readonly class SavedToolResource
{
    public function __construct(
        #[OA\Property] public ToolResource $tool,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
