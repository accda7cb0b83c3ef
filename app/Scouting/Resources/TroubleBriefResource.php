<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use OpenApi\Attributes as OA;

/** A trouble in a line. */
#[OA\Schema(schema: 'TroubleBrief')]
final readonly class TroubleBriefResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $planting_id,
        #[OA\Property] public string $planting,
        #[OA\Property] public string $zone,
        #[OA\Property] public ?string $target,
        #[OA\Property] public string $name,
        #[OA\Property(enum: ['pest', 'disease', 'weed', 'look-alike', 'unknown'])] public string $kind,
        #[OA\Property(enum: ['open', 'closed'])] public string $status,
        #[OA\Property(format: 'date')] public string $noticed_on,
        #[OA\Property] public ?string $level,
        #[OA\Property] public ?float $times_level,
        #[OA\Property(enum: ['leave', 'tactics-first', 'spray-too', 'give-up', 'unknown'])] public string $choice,
        #[OA\Property] public string $headline,
        #[OA\Property(format: 'date')] public ?string $look_again_on,
        #[OA\Property(format: 'date')] public ?string $closed_on,
        #[OA\Property] public ?string $outcome,
    ) {}
}
