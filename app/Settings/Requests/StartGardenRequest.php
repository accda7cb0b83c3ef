<?php

declare(strict_types=1);

namespace App\Settings\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'StartGarden', required: ['start'])]
final class StartGardenRequest extends TypedRequest
{
    protected const PARTS = ['free_hours' => 'FreeHours[]'];

    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'latitude' => 'As typed.',
        'longitude' => 'As typed.',
        'hardness_mg_l' => 'As typed.',
        'alkalinity_mg_l' => 'As typed.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['start' => ['required', 'in:demo,empty']] + ($this->wantsDemo() ? [] : SettingsRules::all());
    }

    public function wantsDemo(): bool
    {
        return $this->input('start') === 'demo';
    }

    public function messages(): array
    {
        return self::complaints(SettingsRules::class);
    }

    /** @return array<string, mixed> */
    public function settings(): array
    {
        return SettingsRules::kept($this->safe()->except('start'));
    }
}
