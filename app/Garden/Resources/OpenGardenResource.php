<?php

declare(strict_types=1);

namespace App\Garden\Resources;

use App\Pantry\Resources\SprayerResource;
use App\Settings\Resources\GardenResource;
use OpenApi\Attributes as OA;

/** A garden with what stands in it. */
#[OA\Schema(schema: 'OpenGarden')]
final readonly class OpenGardenResource
{
    /**
     * @param  list<array{id: string, name: string}>  $zones
     * @param  list<PlantingResource>  $plantings
     * @param  list<SprayerResource>  $sprayers
     */
    public function __construct(
        #[OA\Property] public GardenResource $garden,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/Choice'))] public array $zones,
        #[OA\Property(items: new OA\Items(ref: PlantingResource::class))] public array $plantings,
        #[OA\Property(items: new OA\Items(ref: SprayerResource::class))] public array $sprayers,
    ) {}
}
