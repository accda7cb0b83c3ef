<?php

declare(strict_types=1);

namespace App\Weather\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Ok;
use App\Weather\Queries\ShowWeatherDays;
use App\Weather\Resources\WeatherDayResource;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** The weather by days. */
final class ShowWeatherController extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/weather', operationId: 'showWeather', responses: [new Ok(WeatherDayResource::class, list: true)])]
    public function __invoke(Garden $garden, ShowWeatherDays $show): JsonResponse
    {
        return $this->json($show($garden));
    }
}
