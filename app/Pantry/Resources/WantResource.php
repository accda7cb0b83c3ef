<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use OpenApi\Attributes as OA;

/** A line of the shopping list. */
#[OA\Schema(schema: 'Want')]
final readonly class WantResource
{
    public function __construct(
        #[OA\Property] public string $ingredient,
        #[OA\Property] public string $name,
        #[OA\Property] public string $needed,
        #[OA\Property] public string $have,
        #[OA\Property] public ?string $missing,
        #[OA\Property(description: 'How many bottles to buy, where the size is known.')] public ?string $buy,
        #[OA\Property] public ?string $cost,
    ) {}
}
