<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Tactic')]
final readonly class TacticResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $how,
        #[OA\Property] public string $watch,
        #[OA\Property(enum: ['strong', 'moderate', 'weak'])] public string $evidence,
        #[OA\Property] public string $evidence_word,
        #[OA\Property] public ?int $every_days,
        #[OA\Property] public int $minutes,
        #[OA\Property] public bool $urgent,
        #[OA\Property] public bool $tried,
    ) {}
}
