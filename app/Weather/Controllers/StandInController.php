<?php

declare(strict_types=1);

namespace App\Weather\Controllers;

use App\Http\Controllers\Controller;
use App\Weather\Requests\StandInRequest;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Http\Response;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\Place;
use Nebbia\Core\Weather\StandIn;
use OpenApi\Attributes as OA;

/** A small forecast service for where there is no other: made-up hourly weather, as the CSV that nebbia:plan reads. */
final class StandInController extends Controller
{
    #[OA\Get(
        path: '/api/stand-in/forecast.csv',
        operationId: 'standInForecast',
        parameters: [
            new OA\Parameter(name: 'lat', in: 'query', required: true, schema: new OA\Schema(type: 'number')),
            new OA\Parameter(name: 'lon', in: 'query', required: true, schema: new OA\Schema(type: 'number')),
            new OA\Parameter(name: 'altitude_m', in: 'query', schema: new OA\Schema(type: 'number')),
            new OA\Parameter(name: 'seed', in: 'query', schema: new OA\Schema(type: 'integer')),
            new OA\Parameter(name: 'days', in: 'query', schema: new OA\Schema(type: 'integer')),
            new OA\Parameter(
                name: 'issued',
                description: 'When it was made; now if left out.',
                in: 'query',
                schema: new OA\Schema(type: 'string', format: 'date-time'),
            ),
        ],
        responses: [
            new OA\Response(
                response: 200,
                description: 'Hourly weather',
                content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')),
            ),
        ],
    )]
    public function __invoke(StandInRequest $request): Response
    {
        $issued = $request->issued();
        $place = new Place($request->float('lat'), $request->float('lon'), new DateTimeZone('UTC'), $request->float('altitude_m'));
        $forecast = (new StandIn($place, $request->integer('seed', 1)))->foretold(
            $issued,
            $issued,
            $issued + $request->integer('days', 10) * 86400,
        );

        return new Response(self::csv($forecast), 200, ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    private static function csv(Forecast $forecast): string
    {
        $lines = ['time,temp_c,rain_mm,wind_ms,humidity,cloud'];
        foreach ($forecast->all() as $hour) {
            $lines[] = implode(',', [
                CarbonImmutable::createFromTimestamp($hour->at, 'UTC')->format('Y-m-d\TH:iP'),
                $hour->temperature,
                $hour->rain,
                round($hour->wind / 3.6, 2),
                $hour->humidity,
                $hour->cloud,
            ]);
        }

        return implode("\n", $lines)."\n";
    }
}
