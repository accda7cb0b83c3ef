<?php

declare(strict_types=1);

namespace App\Weather\Resources;

use OpenApi\Attributes as OA;

/** A day's weather, as it was or as it is foretold. */
#[OA\Schema(schema: 'WeatherDay')]
final readonly class WeatherDayResource
{
    public function __construct(
        #[OA\Property(description: 'In the garden\'s time zone.', format: 'date')] public string $day,
        #[OA\Property] public float $rain_mm,
        #[OA\Property(description: 'In the household\'s units.')] public string $rain,
        #[OA\Property(description: '°C')] public float $low,
        #[OA\Property(description: '°C')] public float $high,
        #[OA\Property(description: 'Some of it is still to come.')] public bool $is_foretold,
    ) {}
}
