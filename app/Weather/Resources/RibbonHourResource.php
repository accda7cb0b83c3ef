<?php

declare(strict_types=1);

namespace App\Weather\Resources;

use OpenApi\Attributes as OA;

/** One hour of the forecast, judged for a round. */
#[OA\Schema(schema: 'RibbonHour')]
final readonly class RibbonHourResource
{
    public function __construct(
        #[OA\Property(format: 'date-time')] public string $at,
        #[OA\Property(enum: ['fine', 'poor', 'no', 'unknown'])] public string $word,
        #[OA\Property(description: 'What is against it; empty where nothing is.')] public string $why,
        #[OA\Property(description: 'In the gardener\'s units; the usual one of place and season where nothing is foretold.')]
        public string $temperature,
        #[OA\Property] public float $celsius,
        #[OA\Property] public float $rain_mm,
        #[OA\Property(description: 'In the household\'s units.')] public string $rain,
        #[OA\Property] public string $wind,
        #[OA\Property(description: '%')] public float $humidity,
        #[OA\Property(description: '%')] public float $cloud,
        #[OA\Property] public bool $is_day,
        #[OA\Property(description: 'A forecast reaches it.')] public bool $is_foretold,
    ) {}
}
