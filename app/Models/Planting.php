<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Nebbia\Core\Mixing\Need\Stand;
use Nebbia\Core\Pest\Decision\PlantValue;
use Nebbia\Core\Planning\Course\PlantCare;
use Nebbia\Core\Plant\Plant;
use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Plant\Stage;

/**
 * This gardener's own plants of one kind in one place.
 *
 * @property string $garden_id
 * @property string $zone_id
 * @property string $plant a kind of plant that core knows
 * @property string|null $kind_name what it is called, where core knows only its kin or a kind of kinds
 * @property string $name
 * @property string|null $variety
 * @property int $number
 * @property string $stage
 * @property float|null $height_cm
 * @property float|null $area_m2 of ground that they cover
 * @property float|null $pot_l litres of one pot
 * @property bool $indoors
 * @property bool $sunny_window indoors, within half a metre of a window that the sun comes through
 * @property bool $in_flower
 * @property CarbonImmutable|null $harvest_on
 * @property CarbonImmutable|null $new_until in quarantine until then
 * @property PlantValue $value
 * @property CarbonImmutable|null $retired_on no longer there; its notes are
 * @property string|null $retired_why
 * @property list<string> $states soft-growth, hardened, sick, bud-swell
 * @property CarbonImmutable|null $moved_on planted, potted or moved on that day
 * @property array{water_days?: list<string>, water_at?: string, from_above?: bool, feed_days?: list<string>}|null $care
 * @property string|null $note
 * @property-read Zone $zone
 */
final class Planting extends HouseholdModel
{
    /** What a plant that cannot be read is taken for: one that bears little. */
    private const TENDER = 'lettuce';

    protected $attributes = [
        'indoors' => false,
        'sunny_window' => false,
        'in_flower' => false,
        'value' => 'dear',
        'kind_name' => null,
        'variety' => null,
        'height_cm' => null,
        'area_m2' => null,
        'pot_l' => null,
        'harvest_on' => null,
        'new_until' => null,
        'retired_on' => null,
        'retired_why' => null,
        'note' => null,
        'states' => '[]',
        'moved_on' => null,
        'care' => null,
    ];

    protected function readable(): array
    {
        return [
            'states' => [Spoilt::texts(), '[]'],
            'care' => [
                Spoilt::reads(
                    static fn (mixed $raw) => $raw === null ?:
                    PlantCare::read(is_string($raw) ? json_decode($raw, true) ?? $raw : $raw, 'care') ??
                        throw new \UnexpectedValueException(),
                ),
                null,
            ],
            'plant' => [static fn (mixed $raw): bool => is_string($raw) && in_array($raw, app(Plants::class)->ids(), true), self::TENDER],
            'stage' => [static fn (mixed $raw): bool => is_string($raw) && Stage::tryFrom($raw) !== null, Stage::Seedling->value],
        ];
    }

    /**
     * As what is to be wetted or poured on.
     *
     * @param  list<float>  $used  mL that rounds before really took
     */
    public function stand(array $used = []): Stand
    {
        return Stand::of(
            $this->name,
            $this->met(),
            $this->number,
            Stage::tryFrom($this->stage) ?? Stage::Growing,
            $this->height_cm,
            $this->area_m2,
            $this->pot_l,
            $used,
        );
    }

    /** What core knows of it; its kin, by its own name, where it knows no more. */
    public function met(): Plant
    {
        $plant = app(Plants::class)->named($this->plant);

        return $this->kind_name === null ? $plant : $plant->kinCalled($this->kind_name);
    }

    protected function casts(): array
    {
        return [
            'indoors' => 'boolean',
            'sunny_window' => 'boolean',
            'in_flower' => 'boolean',
            'height_cm' => 'float',
            'area_m2' => 'float',
            'pot_l' => 'float',
            'value' => PlantValue::class,
            'harvest_on' => 'immutable_date:Y-m-d',
            'new_until' => 'immutable_date:Y-m-d',
            'retired_on' => 'immutable_date:Y-m-d',
            'moved_on' => 'immutable_date:Y-m-d',
            'states' => 'array',
            'care' => 'array',
        ];
    }

    /** @return BelongsTo<Zone, $this> */
    public function zone(): BelongsTo
    {
        // A planting that is retired may outlive its zone.
        return $this->belongsTo(Zone::class)->withTrashed();
    }

    /** @return HasMany<Trouble, $this> */
    public function troubles(): HasMany
    {
        return $this->hasMany(Trouble::class)->orderByDesc('noticed_on');
    }
}
