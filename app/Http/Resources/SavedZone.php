<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedZone')]
final readonly class SavedZone
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
