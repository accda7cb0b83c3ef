<?php

declare(strict_types=1);

namespace App\Garden\Requests;

use App\Http\Requests\ReadByCore;
use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use App\Models\Planting;
use Illuminate\Validation\Rule;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Pest\Decision\PlantValue;
use Nebbia\Core\Planning\Course\PlantCare;
use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Plant\Stage;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewPlanting', required: ['plant', 'number', 'stage'], properties: [
    new OA\Property(property: 'version', description: 'The version that was seen; only where one is changed.', type: 'integer', nullable: true),
    new OA\Property(property: 'plant', description: 'By any name it goes by.', type: 'string'),
    new OA\Property(property: 'name', type: 'string', nullable: true),
    new OA\Property(property: 'variety', type: 'string', nullable: true),
    new OA\Property(property: 'number', type: 'integer'),
    new OA\Property(property: 'stage', type: 'string'),
    new OA\Property(property: 'zone_id', type: 'string', nullable: true),
    new OA\Property(property: 'height_cm', description: 'As typed, with a decimal point or comma.', type: 'string', nullable: true),
    new OA\Property(property: 'area_m2', description: 'Ground that they cover, as typed.', type: 'string', nullable: true),
    new OA\Property(property: 'pot_l', description: 'Litres of one pot, as typed.', type: 'string', nullable: true),
    new OA\Property(property: 'indoors', type: 'boolean', nullable: true),
    new OA\Property(property: 'in_flower', type: 'boolean', nullable: true),
    new OA\Property(property: 'harvest_on', type: 'string', format: 'date', nullable: true),
    new OA\Property(property: 'new_until', type: 'string', format: 'date', nullable: true),
    new OA\Property(property: 'states', type: 'array', items: new OA\Items(type: 'string', enum: ['soft-growth', 'hardened', 'sick']), nullable: true),
    new OA\Property(property: 'moved_on', description: 'Planted, potted or moved on that day.', type: 'string', format: 'date', nullable: true),
    new OA\Property(property: 'care', ref: '#/components/schemas/PlantCare', nullable: true),
    new OA\Property(property: 'value', type: 'string', enum: ['replaceable', 'dear', 'irreplaceable']),
    new OA\Property(property: 'note', type: 'string', nullable: true),
])]
class PlantingRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::fields() + ['version' => [$this->isMethod('put') ? 'required' : 'nullable', 'integer'], 'zone_id' => ['nullable', 'string']];
    }

    /** @return array<string, list<mixed>> the fields of a planting, for forms and files alike */
    public static function fields(): array
    {
        return [
            'plant' => ['required', 'string', 'max:80'],
            'name' => ['nullable', 'string', 'max:120'],
            'variety' => ['nullable', 'string', 'max:120'],
            'number' => ['required', 'integer', 'between:1,100000'],
            'stage' => ['required', Rule::enum(Stage::class)],
            'height_cm' => ['nullable', 'numeric', 'between:0.5,5000'],
            'area_m2' => ['nullable', 'numeric', 'between:0.01,100000'],
            'pot_l' => ['nullable', 'numeric', 'between:0.05,1000'],
            'indoors' => ['nullable', 'boolean'],
            'in_flower' => ['nullable', 'boolean'],
            'harvest_on' => ['nullable', 'date_format:Y-m-d'],
            'new_until' => ['nullable', 'date_format:Y-m-d'],
            'value' => ['nullable', Rule::enum(PlantValue::class)],
            'note' => ['nullable', 'string', 'max:255'],
            'states' => ['nullable', 'array'],
            'states.*' => [Rule::in(['soft-growth', 'hardened', 'sick'])],
            'moved_on' => ['nullable', 'date_format:Y-m-d'],
            'care' => ['nullable', 'array', new ReadByCore(PlantCare::read(...))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::complaints();
    }

    /** @return array<string, string> */
    public static function complaints(): array
    {
        return [
            'plant' => 'Which plant is it? Write its name, like tomato or rose.',
            'name' => 'The name is too long: keep it under 120 characters.',
            'variety' => 'The variety is too long: keep it under 120 characters.',
            'number' => 'How many there are must be a whole number above zero, like 3.',
            'stage' => 'Choose one of the stages: '.implode(', ', Stage::ids()).'.',
            'height_cm' => 'The height must be a number of centimetres from 0.5 to 5000, like 70.',
            'area_m2' => 'The ground they cover must be a number of square metres above zero, like 2.5.',
            'pot_l' => 'The pot must be a number of litres from 0.05 to 1000, like 5.',
            'indoors' => 'Indoors must be yes or no.',
            'in_flower' => 'In flower must be yes or no.',
            'harvest_on' => 'The harvest is no day: write it like 2026-07-14.',
            'new_until' => 'The end of the quarantine is no day: write it like 2026-07-14.',
            'value' => 'The worth must be replaceable, dear or irreplaceable.',
            'note' => 'The note is too long: keep it under 255 characters.',
            'states' => 'Choose from soft-growth, hardened and sick.',
            'moved_on' => 'The day it was planted or potted is no day: write it like 2026-07-14.',
            'care.array' => 'Write watering and feeding as days and a full hour.',
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws BadInput if core knows no such plant
     */
    public function planting(Garden $garden, ?Planting $current = null): array
    {
        // A planting that is changed stays where it is unless it is moved; a new one without a zone goes to the first.
        $zone = $this->filled('zone_id')
            ? $garden->zones()->findOrFail($this->string('zone_id')->toString())->id
            : ($current->zone_id ?? $garden->zones()->firstOrFail()->id);

        return ['zone_id' => $zone] + self::attributesOf($this->validated());
    }

    /**
     * @param  array<array-key, mixed>  $given  validated by fields()
     * @return array<string, mixed>
     *
     * @throws BadInput if core knows no such plant
     */
    public static function attributesOf(array $given): array
    {
        $text = static fn (string $key): ?string => isset($given[$key]) && is_scalar($given[$key]) && trim((string) $given[$key]) !== '' ? trim((string) $given[$key]) : null;
        try {
            $plant = app(Plants::class)->named($text('plant') ?? '');
        } catch (BadInput $e) {
            throw $e->at('plant');
        }

        return [
            'plant' => $plant->id,
            'name' => $text('name') ?? ucfirst($plant->name),
            'variety' => $text('variety'),
            'number' => (int) $text('number'),
            'stage' => $text('stage'),
            'height_cm' => $text('height_cm') === null ? null : (float) $text('height_cm'),
            'area_m2' => $text('area_m2') === null ? null : (float) $text('area_m2'),
            'pot_l' => $text('pot_l') === null ? null : (float) $text('pot_l'),
            'indoors' => (bool) ($given['indoors'] ?? false),
            'in_flower' => (bool) ($given['in_flower'] ?? false),
            'harvest_on' => $text('harvest_on'),
            'new_until' => $text('new_until'),
            'value' => $text('value') ?? PlantValue::Dear->value,
            'note' => $text('note'),
            'states' => array_values(array_unique(array_filter(is_array($given['states'] ?? null) ? $given['states'] : [], is_string(...)))),
            'moved_on' => $text('moved_on'),
        ] + (array_key_exists('care', $given) ? ['care' => PlantCare::read($given['care'], 'care')?->toArray()] : []);
    }
}
