<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use OpenApi\Attributes as OA;

/** What a class of things on labels means for what lives. */
#[OA\Schema(schema: 'LabelClass')]
final readonly class LabelClassResource
{
    public function __construct(
        #[OA\Property] public string $class,
        #[OA\Property] public string $name,
        #[OA\Property] public string $leaves,
        #[OA\Property] public string $bees,
        #[OA\Property] public string $soil,
        #[OA\Property] public string $pond,
    ) {}
}
