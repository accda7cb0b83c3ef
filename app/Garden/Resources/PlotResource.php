<?php

declare(strict_types=1);

namespace App\Garden\Resources;

use OpenApi\Attributes as OA;

/** The garden at a glance. */
#[OA\Schema(schema: 'Plot')]
final readonly class PlotResource
{
    /**
     * @param  list<PlotZoneResource>  $zones
     * @param  list<PlantingResource>  $retired
     */
    public function __construct(
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(items: new OA\Items(ref: PlotZoneResource::class))] public array $zones,
        #[OA\Property(items: new OA\Items(ref: PlantingResource::class))] public array $retired,
    ) {}
}
