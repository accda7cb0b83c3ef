<?php

declare(strict_types=1);

namespace App\Making\Resources;

use OpenApi\Attributes as OA;

/** A raw material of a making: how much goes in, and how much is usual. */
#[OA\Schema(schema: 'RawMaterial')]
final readonly class RawResource
{
    public function __construct(
        #[OA\Property] public string $ingredient,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'As written.')] public string $amount,
        #[OA\Property(description: 'The same, precisely.')] public string $precise,
        #[OA\Property(description: 'What is usual for so much liquid, with its range.')] public ?string $usual,
        #[OA\Property(enum: ['below', 'usual', 'above', 'unknown'])] public string $stands,
        #[OA\Property(description: 'The preparation it is taken from.')] public ?string $preparation,
    ) {}
}
