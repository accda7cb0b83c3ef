<?php

declare(strict_types=1);

namespace App\Notebook\Resources;

use OpenApi\Attributes as OA;

/** Something that a planting has had, which may be what it is never to have again. */
#[OA\Schema(schema: 'NeverChoice')]
final readonly class NeverChoiceResource
{
    public function __construct(#[OA\Property] public string $ingredient, #[OA\Property] public string $name) {}
}
