<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SignChoice')]
final readonly class SignChoiceResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $place,
        #[OA\Property] public string $name,
        #[OA\Property] public string $look,
        #[OA\Property] public string $unlike,
    ) {}
}
