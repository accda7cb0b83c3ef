<?php

declare(strict_types=1);

namespace App\Settings\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'FreeHours', description: 'When in the week there is time; no days is every day.', required: ['days', 'from', 'to'], properties: [
    new OA\Property(property: 'days', type: 'array', items: new OA\Items(type: 'string', enum: ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'])),
    new OA\Property(property: 'from', description: 'A full hour, like 18:00.', type: 'string'),
    new OA\Property(property: 'to', type: 'string'),
])]
#[OA\Schema(schema: 'Settings', required: ['version', 'name', 'units', 'language', 'time_zone', 'hardness_mg_l', 'alkalinity_mg_l', 'theme'], properties: [
    new OA\Property(property: 'version', type: 'integer'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'units', type: 'string', enum: ['us', 'metric', 'imperial', 'au']),
    new OA\Property(property: 'language', type: 'string'),
    new OA\Property(property: 'time_zone', type: 'string'),
    new OA\Property(property: 'latitude', description: 'In degrees, as typed: 38.72, 38,72 or 38.72 N; south below nought.', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'string')], nullable: true),
    new OA\Property(property: 'longitude', description: 'In degrees, as typed; west below nought, or with a W.', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'string')], nullable: true),
    new OA\Property(property: 'hardness_mg_l', description: 'As typed.', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'string')]),
    new OA\Property(property: 'alkalinity_mg_l', description: 'As typed.', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'string')]),
    new OA\Property(property: 'theme', type: 'string', enum: ['auto', 'light', 'dark']),
    new OA\Property(property: 'currency', type: 'string'),
    new OA\Property(property: 'free_hours', type: 'array', items: new OA\Items(ref: '#/components/schemas/FreeHours')),
    new OA\Property(property: 'around', type: 'array', items: new OA\Items(type: 'string', enum: ['cats', 'dogs', 'children', 'pond', 'hives', 'hens'])),
])]
final class SettingsRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer']] + SettingsRules::all();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return SettingsRules::messages();
    }

    /** @return array<string, mixed> */
    public function settings(): array
    {
        return SettingsRules::kept($this->safe()->except('version'));
    }
}
