<?php

declare(strict_types=1);

namespace App\Http\Controllers\Garden;

use App\Http\Controllers\Controller;
use App\Http\Resources\GardenResource;
use App\Http\Resources\OpenGarden;
use App\Http\Resources\PlantingResource;
use App\Http\Resources\SprayerResource;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Sprayer;
use App\Models\Zone;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ShowGarden extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}', operationId: 'showGarden', responses: [new Ok(OpenGarden::class)])]
    public function __invoke(Garden $garden): JsonResponse
    {
        $plantings = $garden->standing()->with('zone')->get();

        return $this->json(new OpenGarden(
            GardenResource::of($garden),
            array_values($garden->zones->map(static fn (Zone $zone): array => ['id' => $zone->id, 'name' => $zone->name])->all()),
            array_values($plantings->map(static fn (Planting $planting): PlantingResource => PlantingResource::of($planting))->all()),
            array_values($garden->sprayers->map(static fn (Sprayer $sprayer): SprayerResource => SprayerResource::of($sprayer))->all()),
        ));
    }
}
