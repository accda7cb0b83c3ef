<?php

declare(strict_types=1);

namespace App\Weather\Resources;

use OpenApi\Attributes as OA;

/** What the household's own address gave. */
#[OA\Schema(schema: 'FetchedForecast')]
final readonly class FetchedForecastResource
{
    public function __construct(
        #[OA\Property] public int $hours,
        #[OA\Property(format: 'date-time')] public string $until,
    ) {}
}
