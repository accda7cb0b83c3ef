<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weather;

use App\Actions\ShowWeatherDays;
use App\Http\Controllers\Controller;
use App\Http\Resources\WeatherDay;
use App\Models\Garden;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** The weather by days. */
final class ShowWeather extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/weather', operationId: 'showWeather', responses: [new Ok(WeatherDay::class, list: true)])]
    public function __invoke(Garden $garden, ShowWeatherDays $show): JsonResponse
    {
        return $this->json($show($garden));
    }
}
