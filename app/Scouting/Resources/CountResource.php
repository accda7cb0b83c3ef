<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use App\Bench\Resources\IntervalResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Count')]
final readonly class CountResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property(format: 'date-time')] public string $at,
        #[OA\Property] public string $measure,
        #[OA\Property] public IntervalResource $mean,
        #[OA\Property] public string $level,
        #[OA\Property] public int $plants,
        #[OA\Property] public int $leaves_per_plant,
        #[OA\Property(enum: ['none', 'some', 'many'])] public string $enemies,
        #[OA\Property] public ?string $note,
    ) {}
}
