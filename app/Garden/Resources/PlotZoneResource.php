<?php

declare(strict_types=1);

namespace App\Garden\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PlotZone')]
final readonly class PlotZoneResource
{
    /** @param  list<PlotPlantingResource>  $plantings */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property] public ?string $note,
        #[OA\Property(items: new OA\Items(ref: PlotPlantingResource::class))] public array $plantings,
    ) {}
}
