<?php

declare(strict_types=1);

namespace App\Settings\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'StartGarden', required: ['start'], properties: [
    new OA\Property(property: 'start', type: 'string', enum: ['demo', 'empty']),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'units', type: 'string', enum: ['us', 'metric', 'imperial', 'au']),
    new OA\Property(property: 'language', type: 'string'),
    new OA\Property(property: 'time_zone', type: 'string'),
    new OA\Property(property: 'latitude', description: 'As typed.', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'string')], nullable: true),
    new OA\Property(property: 'longitude', description: 'As typed.', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'string')], nullable: true),
    new OA\Property(property: 'hardness_mg_l', description: 'As typed.', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'string')]),
    new OA\Property(property: 'alkalinity_mg_l', description: 'As typed.', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'string')]),
    new OA\Property(property: 'theme', type: 'string', enum: ['auto', 'light', 'dark']),
    new OA\Property(property: 'around', type: 'array', items: new OA\Items(type: 'string', enum: ['cats', 'dogs', 'children', 'pond', 'hives', 'hens'])),
])]
final class StartGardenRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['start' => ['required', 'in:demo,empty']] + ($this->wantsDemo() ? [] : SettingsRules::all());
    }

    public function wantsDemo(): bool
    {
        return $this->input('start') === 'demo';
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return SettingsRules::messages();
    }

    /** @return array<string, mixed> */
    public function settings(): array
    {
        return SettingsRules::kept($this->safe()->except('start'));
    }
}
