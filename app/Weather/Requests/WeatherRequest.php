<?php

declare(strict_types=1);

namespace App\Weather\Requests;

use App\Http\Requests\TypedRequest;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\Given\WeatherCsv;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ImportWeather')]
final class WeatherRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'csv' => 'time,temp_c,rain_mm,wind_ms,humidity,cloud',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['csv' => ['required', 'string', 'max:2000000']];
    }

    /** @throws BadInput naming the line */
    public function forecast(): Forecast
    {
        try {
            return WeatherCsv::read($this->string('csv')->toString());
        } catch (BadInput $e) {
            throw $e->renamed('csv');
        }
    }
}
