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

#[OA\Schema(schema: 'NewPlanting')]
class PlantingRequest extends TypedRequest
{
    protected const PARTS = ['care' => 'PlantCare'];

    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'version' => 'The version that was seen; only where one is changed.',
        'plant' => 'By any name it goes by.',
        'height_cm' => 'As typed, with a decimal point or comma.',
        'area_m2' => 'Ground that they cover, as typed.',
        'pot_l' => 'Litres of one pot, as typed.',
        'moved_on' => 'Planted, potted or moved on that day.',
    ];

    protected function figures(): array
    {
        return ['stages' => implode(', ', Stage::ids())];
    }

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
