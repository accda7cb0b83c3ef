<?php

declare(strict_types=1);

namespace App\Weather\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\WeatherNote;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use App\Weather\Requests\TypedDayRequest;
use Illuminate\Http\JsonResponse;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\WeatherHour;
use OpenApi\Attributes as OA;

/** A day's weather by hand: a reading of what was, or a forecast of what is to come. */
final class TypeDayController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/weather/day',
        operationId: 'typeDay',
        requestBody: new Body(TypedDayRequest::class),
        responses: [new Ok(ChangeResource::class)],
    )]
    public function __invoke(TypedDayRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        $hours = $request->hours($garden);
        $first = $hours[0]->at ?? 0;
        [, $change] = $recorder->record(
            $garden,
            Say::it('change.weather-written-down'),
            static fn () => $garden->weatherNotes()->create([
                'kind' => WeatherNote::FORECAST,
                'from_at' => $first,
                'until_at' => $first + count($hours) * Forecast::HOUR,
                'hours' => array_map(
                    static fn (WeatherHour $one): array => [
                        $one->at,
                        $one->temperature,
                        $one->rain,
                        $one->wind,
                        $one->humidity,
                        $one->cloud,
                    ],
                    $hours,
                ),
            ]),
        );

        return $this->json(ChangeResource::of($change));
    }
}
