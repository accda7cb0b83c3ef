<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RoundConsequence')]
final readonly class RoundConsequenceResource
{
    public function __construct(
        #[OA\Property(enum: ['fine', 'notice', 'caution', 'stop'])] public string $severity,
        #[OA\Property] public string $said,
    ) {}
}
