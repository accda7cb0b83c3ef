<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use OpenApi\Attributes as OA;

/** What a sprayer held last. */
#[OA\Schema(schema: 'Held')]
final readonly class HeldResource
{
    public function __construct(
        #[OA\Property] public string $recipe,
        #[OA\Property] public string $applied_at,
    ) {}
}
