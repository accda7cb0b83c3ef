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
use App\Weather\Requests\WeatherRequest;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A forecast from somewhere else, in place of the stand-in. */
final class ImportWeatherController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/weather',
        operationId: 'importWeather',
        requestBody: new Body(WeatherRequest::class),
        responses: [new Ok(ChangeResource::class)],
    )]
    public function __invoke(WeatherRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        $forecast = $request->forecast();
        [, $change] = $recorder->record(
            $garden,
            Say::it('change.hours-imported', ['hours' => (string) count($forecast->all())]),
            static fn () => $garden->weatherNotes()->create([
                'kind' => WeatherNote::FORECAST,
                'from_at' => $forecast->from(),
                'until_at' => $forecast->until(),
                'hours' => WeatherNote::hoursOf($forecast),
            ]),
        );

        return $this->json(ChangeResource::of($change));
    }
}
