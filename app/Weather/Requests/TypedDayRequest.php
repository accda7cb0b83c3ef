<?php

declare(strict_types=1);

namespace App\Weather\Requests;

use App\Core\Say;
use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Weather\TypedDay;
use Nebbia\Core\Weather\WeatherHour;
use Nebbia\Core\Weather\WeatherUnits;
use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'TypedDay',
    description: 'A day\'s weather as a station showed it, or as it is foretold, in the gardener\'s own units.',
)]
final class TypedDayRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'low' => 'As typed: a point or a comma.',
        'rain' => 'In all; in millimetres, or in inches with "in".',
        'rain_from' => 'Hour at which it begins.',
    ];

    /** % of the sky. */
    private const SKIES = ['clear' => 10.0, 'half' => 50.0, 'overcast' => 95.0];

    protected function prepareForValidation(): void
    {
        $this->merge(['rain' => RainDepth::millimetres($this->input('rain'))]);
        parent::prepareForValidation();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'day' => ['required', 'date_format:Y-m-d'],
            'low' => ['required', 'numeric', 'between:-76,140'],
            'high' => ['required', 'numeric', 'between:-76,140'],
            'rain' => ['nullable', 'numeric', 'between:0,500'],
            'rain_from' => ['nullable', 'integer', 'between:0,23'],
            'rain_hours' => ['nullable', 'integer', 'between:1,24'],
            'wind' => ['nullable', 'numeric', 'between:0,300'],
            'sky' => ['required', 'in:clear,half,overcast'],
        ];
    }

    /**
     * @return list<WeatherHour>
     *
     * @throws BadInput|ValidationException
     */
    public function hours(Garden $garden): array
    {
        $place = $garden->place() ?? throw ValidationException::withMessages(['day' => Say::it('refused.write-down-settings')]);
        $units = WeatherUnits::of($garden->units);
        $number = fn (string $field): float => $this->float($field);

        return TypedDay::hours(
            $place,
            $this->string('day')->toString(),
            $units->temperature($number('low')),
            $units->temperature($number('high')),
            $this->filled('rain') ? $number('rain') : 0.0,
            $this->filled('rain_from') ? $this->integer('rain_from') : 12,
            $this->filled('rain_hours') ? $this->integer('rain_hours') : 1,
            $this->filled('wind') ? $units->windSpeed($number('wind')) : 5.0,
            self::SKIES[$this->string('sky')->toString()] ?? 50.0,
        );
    }
}
