<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use OpenApi\Attributes as OA;

/** What one answer says for or against a cause. */
#[OA\Schema(schema: 'Clue')]
final readonly class ClueResource
{
    public function __construct(
        #[OA\Property] public string $sign,
        #[OA\Property] public string $name,
        #[OA\Property] public bool $there,
        #[OA\Property(enum: ['for-strongly', 'for', 'hardly', 'against', 'against-strongly'])] public string $word,
    ) {}
}
