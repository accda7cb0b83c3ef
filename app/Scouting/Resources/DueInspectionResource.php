<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use OpenApi\Attributes as OA;

/** Plants to be looked at some time after a round. */
#[OA\Schema(schema: 'DueInspection')]
final readonly class DueInspectionResource
{
    /** @param  list<string>  $planting_ids */
    public function __construct(
        #[OA\Property] public string $application_id,
        #[OA\Property(description: 'Null where it was put on something else.')] public ?string $planting_id,
        #[OA\Property] public string $plantings,
        #[OA\Property] public string $recipe,
        #[OA\Property(format: 'date-time')] public string $applied_at,
        #[OA\Property(description: 'How long it was to be left.')] public int $hours,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $planting_ids,
        #[OA\Property(description: 'What it was aimed at.')] public ?string $target_id,
        #[OA\Property(description: 'How it was put on.')] public ?string $use,
        #[OA\Property(description: 'What was sprayed, without its number.')] public string $names,
    ) {}
}
