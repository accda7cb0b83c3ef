<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use OpenApi\Attributes as OA;

/** What was done about a trouble. */
#[OA\Schema(schema: 'Done')]
final readonly class DoneResource
{
    public function __construct(
        #[OA\Property(enum: ['spray', 'tactic'])] public string $kind,
        #[OA\Property] public string $id,
        #[OA\Property(format: 'date-time')] public string $at,
        #[OA\Property] public string $what,
        #[OA\Property] public ?string $note,
    ) {}
}
