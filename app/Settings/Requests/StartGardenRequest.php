<?php

declare(strict_types=1);

namespace App\Settings\Requests;

use App\Garden\Requests\PlantingsRequest;
use App\Http\Requests\TypedRequest;
use App\Settings\Writes\Beginnings;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'StartGarden', required: ['start'])]
final class StartGardenRequest extends TypedRequest
{
    protected const PARTS = ['free_hours' => 'FreeHours[]', 'plantings' => 'FirstPlanting'];

    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'latitude' => 'As typed.',
        'longitude' => 'As typed.',
        'hardness_mg_l' => 'As typed.',
        'alkalinity_mg_l' => 'As typed.',
        'cupboard' => 'Ingredients that are in the house.',
        'sprayers' => 'Their sizes, as typed; the usual three if left out.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['start' => ['required', 'in:demo,empty']] +
            ($this->wantsDemo()
                ? []
                : SettingsRules::all() +
                    [
                        'plantings' => ['sometimes', 'array', 'list', 'max:300'],
                        'cupboard' => ['sometimes', 'array', 'list', 'max:60'],
                        'cupboard.*' => ['string', 'max:80'],
                        'sprayers' => ['sometimes', 'array', 'list', 'max:6'],
                        'sprayers.*' => ['string', 'max:40'],
                    ] +
                    PlantingsRequest::each());
    }

    public function wantsDemo(): bool
    {
        return $this->input('start') === 'demo';
    }

    public function messages(): array
    {
        return self::complaints(SettingsRules::class) + (new PlantingsRequest())->messages();
    }

    public function beginnings(): Beginnings
    {
        $texts = fn (string $field): ?array => $this->has($field)
            ? array_values(array_filter($this->array($field), static fn (mixed $one): bool => is_string($one) && trim($one) !== ''))
            : null;

        return new Beginnings($this->array('plantings'), $texts('cupboard') ?? [], $texts('sprayers'));
    }

    /** @return array<string, mixed> */
    public function settings(): array
    {
        return SettingsRules::kept($this->safe()->except(['start', 'plantings', 'cupboard', 'sprayers']));
    }
}
