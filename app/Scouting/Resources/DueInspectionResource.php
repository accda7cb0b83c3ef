<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use OpenApi\Attributes as OA;

/** Plants to be looked at some time after a round. */
#[OA\Schema(schema: 'DueInspection')]
final readonly class DueInspectionResource
{
    public function __construct(
        #[OA\Property] public string $application_id,
        #[OA\Property] public string $planting_id,
        #[OA\Property] public string $plantings,
        #[OA\Property] public string $recipe,
        #[OA\Property(format: 'date-time')] public string $applied_at,
        #[OA\Property(description: 'How long it was to be left.')] public int $hours,
    ) {}
}
