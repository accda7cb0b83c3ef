<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

/** When a course is over, or to be given up. */
#[OA\Schema(schema: 'Ending')]
final readonly class EndingResource
{
    public function __construct(
        #[OA\Property(enum: ['open', 'nearly', 'over', 'give-up'])] public string $word,
        #[OA\Property] public string $said,
    ) {}
}
