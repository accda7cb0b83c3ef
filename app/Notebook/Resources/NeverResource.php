<?php

declare(strict_types=1);

namespace App\Notebook\Resources;

use OpenApi\Attributes as OA;

/** What is never to be put on a plant again. */
#[OA\Schema(schema: 'Never')]
final readonly class NeverResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $ingredient,
        #[OA\Property(description: 'In words: never neem oil, on all roses here.')] public string $said,
        #[OA\Property(description: 'Since when, in words.')] public string $since,
        #[OA\Property] public ?string $why,
    ) {}
}
