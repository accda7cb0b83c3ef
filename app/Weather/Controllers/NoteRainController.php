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
use App\Weather\Requests\RainRequest;
use Illuminate\Http\JsonResponse;
use Nebbia\Core\Weather\Forecast;
use OpenApi\Attributes as OA;

/** It rained: what the gauge held, spread over the hours in which it fell. */
final class NoteRainController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/rain',
        operationId: 'noteRain',
        requestBody: new Body(RainRequest::class),
        responses: [new Ok(ChangeResource::class)],
    )]
    public function __invoke(RainRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        $began = $request->began($garden)->getTimestamp();
        $from = $began - ($began % Forecast::HOUR);
        $hours = $request->integer('hours');
        $each = $request->float('mm') / $hours;
        [, $change] = $recorder->record(
            $garden,
            Say::it('change.rain-written-down'),
            static fn () => $garden->weatherNotes()->create([
                'kind' => WeatherNote::RAIN,
                'from_at' => $from,
                'until_at' => $from + $hours * Forecast::HOUR,
                'hours' => array_map(static fn (int $n): array => [$from + $n * Forecast::HOUR, $each], range(0, $hours - 1)),
            ]),
        );

        return $this->json(ChangeResource::of($change));
    }
}
