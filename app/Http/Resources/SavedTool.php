<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedTool')]
final readonly class SavedTool
{
    public function __construct(
        #[OA\Property] public ToolResource $tool,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
