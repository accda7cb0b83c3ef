<?php

declare(strict_types=1);

namespace App\Garden\Controllers;

use App\Garden\Resources\OpenGardenResource;
use App\Garden\Resources\PlantingResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Sprayer;
use App\Models\Zone;
use App\OpenApi\Ok;
use App\Pantry\Resources\SprayerResource;
use App\Settings\Resources\GardenResource;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ShowGardenController extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}', operationId: 'showGarden', responses: [new Ok(OpenGardenResource::class)])]
    public function __invoke(Garden $garden): JsonResponse
    {
        $plantings = $garden->standing()->with('zone')->get();

        return $this->json(new OpenGardenResource(
            GardenResource::of($garden),
            array_values($garden->zones->map(static fn (Zone $zone): array => ['id' => $zone->id, 'name' => $zone->name])->all()),
            array_values($plantings->map(static fn (Planting $planting): PlantingResource => PlantingResource::of($planting))->all()),
            array_values($garden->sprayers->map(static fn (Sprayer $sprayer): SprayerResource => SprayerResource::of($sprayer))->all()),
        ));
    }
}
