<?php

declare(strict_types=1);

namespace App\Settings\Requests;

use App\Http\Requests\TypedRequest;
use Nebbia\Core\Measure\Home\TypedSize;
use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'FreeHours',
    description: 'When in the week there is time; no days is every day.',
    required: ['days', 'from', 'to'],
    properties: [
        new OA\Property(
            property: 'days',
            type: 'array',
            items: new OA\Items(type: 'string', enum: ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun']),
        ),
        new OA\Property(property: 'from', description: 'A full hour, like 18:00.', type: 'string'),
        new OA\Property(property: 'to', type: 'string'),
    ],
)]
#[OA\Schema(schema: 'Settings')]
final class SettingsRequest extends TypedRequest
{
    protected const PARTS = ['free_hours' => 'FreeHours[]'];

    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'latitude' => 'In degrees, as typed: 38.72, 38,72 or 38.72 N; south below nought.',
        'longitude' => 'In degrees, as typed; west below nought, or with a W.',
        'hardness_mg_l' => 'As typed.',
        'alkalinity_mg_l' => 'As typed.',
        'indoors' => 'A windowsill: what is added stands in a room.',
        'room_day_c' => 'As measured and typed: 21, "70 °F".',
        'forecast_url' => 'Called for the hourly weather, and only if it is set.',
        'forecast_mapping' => 'Where in the answer the figures stand, where that is JSON; one a line: temp_c = hourly.temperature.',
    ];

    /** Warmth may have its unit behind it. */
    protected function prepareForValidation(): void
    {
        foreach (['room_day_c', 'room_night_c'] as $field) {
            $sent = $this->input($field);
            $celsius = is_string($sent) ? TypedSize::warmth($sent) : null;
            if ($celsius !== null) {
                $this->merge([$field => round($celsius, 2)]);
            }
        }
        parent::prepareForValidation();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer']] + SettingsRules::all();
    }

    public function messages(): array
    {
        return self::complaints(SettingsRules::class);
    }

    /** @return array<string, mixed> */
    public function settings(): array
    {
        return SettingsRules::kept($this->safe()->except('version'));
    }
}
