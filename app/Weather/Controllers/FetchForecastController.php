<?php

declare(strict_types=1);

namespace App\Weather\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Ok;
use App\Weather\Resources\FetchedForecastResource;
use App\Weather\Writes\FetchForecast;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

/** The weather of the hours to come, from the address that the household has set. Nobody waits for the write lock while it is asked. */
final class FetchForecastController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/weather/fetch',
        operationId: 'fetchForecast',
        responses: [new Ok(FetchedForecastResource::class)],
    )]
    public function __invoke(Garden $garden, FetchForecast $fetch): JsonResponse
    {
        $forecast = $fetch->read($garden, $fetch->ask($garden));

        return $this->json(DB::transaction(static fn (): FetchedForecastResource => $fetch->keep($garden, $forecast)));
    }
}
