<?php

declare(strict_types=1);

namespace App\Weather\Requests;

use App\Http\Requests\TypedRequest;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\WeatherCsv;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ImportWeather', required: ['csv'], properties: [new OA\Property(property: 'csv', description: 'time,temp_c,rain_mm,wind_ms,humidity,cloud', type: 'string')])]
final class WeatherRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['csv' => ['required', 'string', 'max:2000000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['csv' => 'Choose a file of hourly weather with the columns time, temp_c, rain_mm, wind_ms, humidity and cloud.'];
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
