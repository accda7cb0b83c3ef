<?php

declare(strict_types=1);

namespace App\Garden\Requests;

use App\Http\Requests\ReadByCore;
use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use App\Models\Planting;
use App\Settings\AtHome;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\Home\TypedSize;
use Nebbia\Core\Pest\Decision\PlantValue;
use Nebbia\Core\Planning\Course\PlantCare;
use Nebbia\Core\Plant\Plant;
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
        'plant' => 'By any name it goes by; of what is not known, its name.',
        'kind' => 'Of a plant that is not known: the kind of kinds that it is.',
        'height_cm' => 'As typed, with a decimal point or comma; another unit behind it: "28 in", "1.2 m".',
        'area_m2' => 'Ground that they cover, as typed: 12, "130 sq ft", "4 x 8 ft".',
        'pot_l' => 'Litres of one pot, as typed; "1 gal", or the width of a pot: "6 in".',
        'moved_on' => 'Planted, potted or moved on that day.',
    ];

    protected function prepareForValidation(): void
    {
        $perGallon = app(AtHome::class)->units->litresPerGallon();
        // Sizes that may have their unit behind them.
        $readers = [
            'height_cm' => static fn (string $typed): ?float => TypedSize::length($typed, 1.0),
            'area_m2' => static fn (string $typed): ?float => TypedSize::area($typed, 1.0),
            'pot_l' => static fn (string $typed): ?float => TypedSize::pot($typed, 1.0, $perGallon),
        ];
        foreach ($readers as $field => $read) {
            $sent = $this->input($field);
            $size = is_string($sent) ? $read($sent) : null;
            if ($size !== null) {
                $this->merge([$field => round($size, 4)]);
            }
        }
        parent::prepareForValidation();
    }

    public function figures(): array
    {
        return ['stages' => implode(', ', Stage::ids())];
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::fields() + [
            'version' => [$this->isMethod('put') ? 'required' : 'nullable', 'integer'],
            'zone_id' => ['nullable', 'string'],
        ];
    }

    /** @return array<string, list<mixed>> the fields of a planting, for forms and files alike */
    public static function fields(): array
    {
        return [
            'plant' => ['required', 'string', 'max:80'],
            'kind' => [
                'nullable',
                'string',
                Rule::in(array_map(static fn (Plant $plant): string => $plant->id, app(Plants::class)->generic())),
            ],
            'name' => ['nullable', 'string', 'max:120'],
            'variety' => ['nullable', 'string', 'max:120'],
            'number' => ['required', 'integer', 'between:1,100000'],
            'stage' => ['required', Rule::enum(Stage::class)],
            'height_cm' => ['nullable', 'numeric', 'between:0.5,5000'],
            'area_m2' => ['nullable', 'numeric', 'between:0.01,100000'],
            'pot_l' => ['nullable', 'numeric', 'between:0.05,1000'],
            'indoors' => ['nullable', 'boolean'],
            'sunny_window' => ['nullable', 'boolean'],
            'in_flower' => ['nullable', 'boolean'],
            'harvest_on' => ['nullable', 'date_format:Y-m-d'],
            'new_until' => ['nullable', 'date_format:Y-m-d'],
            'value' => ['nullable', Rule::enum(PlantValue::class)],
            'note' => ['nullable', 'string', 'max:255'],
            'states' => ['nullable', 'array'],
            'states.*' => [Rule::in(['soft-growth', 'hardened', 'sick', 'bud-swell'])],
            'moved_on' => ['nullable', 'date_format:Y-m-d'],
            'care' => ['nullable', 'array', new ReadByCore(PlantCare::read(...))],
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws BadInput if several plants go by that name
     */
    public function planting(Garden $garden, ?Planting $current = null): array
    {
        // A planting that is changed stays where it is unless it is moved; a new one without a zone goes to the first.
        $zone = $this->filled('zone_id')
            ? $garden->zones()->findOrFail($this->string('zone_id')->toString())->id
            : $current->zone_id ?? $garden->zones()->firstOrFail()->id;

        return ['zone_id' => $zone] + self::attributesOf($this->validated());
    }

    /**
     * @param  array<array-key, mixed>  $given  validated by fields()
     * @return array<string, mixed>
     *
     * @throws BadInput if several plants go by that name
     */
    public static function attributesOf(array $given): array
    {
        $text = static fn (string $key): ?string => isset($given[$key]) && is_scalar($given[$key]) && trim((string) $given[$key]) !== ''
            ? trim((string) $given[$key])
            : null;
        try {
            $plant = app(Plants::class)->met($text('plant') ?? '', $text('kind'));
        } catch (BadInput $e) {
            throw $e->at('plant');
        }

        return [
            'plant' => $plant->id,
            'kind_name' => $plant->isGeneric && $plant->name !== app(Plants::class)->named($plant->id)->name ? $plant->name : null,
            'name' => $text('name') ?? Str::ucfirst($plant->name),
            'variety' => $text('variety'),
            'number' => (int) $text('number'),
            'stage' => $text('stage'),
            'height_cm' => $text('height_cm') === null ? null : (float) $text('height_cm'),
            'area_m2' => $text('area_m2') === null ? null : (float) $text('area_m2'),
            'pot_l' => $text('pot_l') === null ? null : (float) $text('pot_l'),
            'indoors' => (bool) ($given['indoors'] ?? false),
            'sunny_window' => (bool) ($given['indoors'] ?? false) && (bool) ($given['sunny_window'] ?? false),
            'in_flower' => (bool) ($given['in_flower'] ?? false),
            'harvest_on' => $text('harvest_on'),
            'new_until' => $text('new_until'),
            'value' => $text('value') ?? PlantValue::Dear->value,
            'note' => $text('note'),
            'states' => array_values(
                array_unique(array_filter(is_array($given['states'] ?? null) ? $given['states'] : [], is_string(...))),
            ),
            'moved_on' => $text('moved_on'),
        ] + (array_key_exists('care', $given) ? ['care' => PlantCare::read($given['care'], 'care')?->toArray()] : []);
    }
}
