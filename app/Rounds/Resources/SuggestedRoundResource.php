<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

/** A round in the hours that suit it. */
#[OA\Schema(schema: 'SuggestedRound')]
final readonly class SuggestedRoundResource
{
    public function __construct(
        #[OA\Property(description: 'The day in the garden\'s time zone.', format: 'date')] public string $day,
        #[OA\Property(description: 'By the clocks of the garden.')] public int $hour,
        #[OA\Property(format: 'date-time')] public string $from,
        #[OA\Property(description: 'What is sprayed.')] public string $recipe,
        #[OA\Property] public string $because,
        #[OA\Property] public bool $is_late,
        #[OA\Property(enum: ['fine', 'poor', 'no', 'unknown'])] public string $word,
    ) {}
}
