<?php

declare(strict_types=1);

namespace App\Making\Resources;

use OpenApi\Attributes as OA;

/** A feed by ratio. */
#[OA\Schema(schema: 'Feed')]
final readonly class FeedResource
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $ratio,
        #[OA\Property] public string $take,
        #[OA\Property] public string $water,
        #[OA\Property] public ?string $preparation,
        #[OA\Property] public ?string $caution,
    ) {}
}
