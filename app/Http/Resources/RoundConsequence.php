<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RoundConsequence')]
final readonly class RoundConsequence
{
    public function __construct(
        #[OA\Property(enum: ['fine', 'notice', 'caution', 'stop'])] public string $severity,
        #[OA\Property] public string $said,
    ) {}
}
