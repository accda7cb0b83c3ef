<?php

declare(strict_types=1);

namespace App\Making\Resources;

use OpenApi\Attributes as OA;

/** Something that what was made ahead wants done today. */
#[OA\Schema(schema: 'MakingTask')]
final readonly class TaskResource
{
    public function __construct(
        #[OA\Property(enum: ['stir', 'strain', 'test', 'throw', 'use', 'start'])] public string $kind,
        #[OA\Property] public string $what,
        #[OA\Property] public string $because,
        #[OA\Property(format: 'date-time')] public ?string $at,
        #[OA\Property] public ?string $preparation_id,
        #[OA\Property] public ?int $version,
        #[OA\Property(description: 'Of a making that is to be started.')] public ?string $making_kind,
        #[OA\Property(description: 'How much of it.')] public ?string $want,
    ) {}
}
