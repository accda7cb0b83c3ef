<?php

declare(strict_types=1);

namespace App\Models;

use App\Time\Clock;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Judgement\Hour\Room;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Planning\Course\FreeHours;
use Nebbia\Core\Weather\Place;

/**
 * A garden, and the settings of those who keep it. Everything else belongs to one.
 *
 * @property string $name
 * @property bool $is_demo
 * @property bool $put_away a demo that is not shown any more
 * @property UnitSystem $units
 * @property string $language
 * @property string $time_zone
 * @property float|null $latitude
 * @property float|null $longitude
 * @property int|null $altitude_m
 * @property float $hardness_mg_l
 * @property float $alkalinity_mg_l
 * @property bool $water_known whether somebody wrote those two down
 * @property string $theme
 * @property string $currency
 * @property list<array{days?: list<string>, from: string, to: string}> $free_hours when there is time
 * @property int $clock_offset_s seconds that it is ahead of the clock: a demo stands in its own spring
 * @property bool $indoors a windowsill: what is added stands in a room
 * @property float|null $room_day_c as measured
 * @property float|null $room_night_c
 * @property float|null $room_humidity %
 * @property string|null $forecast_url that the household has set; nothing is called without it
 * @property array<string, string>|null $forecast_fields ours => the name in its answer
 * @property string|null $poison_centre its number, as it is dialled
 * @property list<string> $around who and what is about: cats, dogs, children, pond, hives, hens
 */
final class Garden extends HouseholdModel
{
    protected $attributes = [
        'around' => '[]',
        'free_hours' => '[]',
        'clock_offset_s' => 0,
        'water_known' => true,
        'indoors' => false,
        'put_away' => false,
    ];

    protected function readable(): array
    {
        return [
            'around' => [Spoilt::texts(), '[]'],
            'forecast_fields' => [Spoilt::or(Spoilt::map(is_string(...))), null],
            'free_hours' => [
                Spoilt::reads(static fn (mixed $raw) => FreeHours::read(is_string($raw) ? json_decode($raw, true) : null, 'free_hours')),
                '[]',
            ],
        ];
    }

    protected function casts(): array
    {
        $flags = array_fill_keys(['is_demo', 'water_known', 'indoors', 'put_away'], 'boolean');

        return $flags + ['units' => UnitSystem::class, 'around' => 'array', 'free_hours' => 'array', 'forecast_fields' => 'array'];
    }

    /** The water as it was written down; null where nobody did. */
    public function water(): ?Water
    {
        return $this->water_known ? Water::measured($this->hardness_mg_l, $this->alkalinity_mg_l) : null;
    }

    /** The instant it is there, in UTC. */
    public function now(): CarbonImmutable
    {
        return app(Clock::class)->in($this);
    }

    /** The air of its rooms, as far as it was measured; null where nothing was. */
    public function room(Room $usual): ?Room
    {
        return $this->room_day_c === null && $this->room_night_c === null && $this->room_humidity === null
            ? null
            : $usual->measured($this->room_day_c, $this->room_night_c, $this->room_humidity);
    }

    /** The same by the clocks of the place. */
    public function localNow(): CarbonImmutable
    {
        return $this->now()->setTimezone($this->time_zone);
    }

    /** Two letters of the country that goes with its time zone; null where there is none. */
    public function country(): ?string
    {
        $there = (new DateTimeZone($this->time_zone))->getLocation();
        $code = is_array($there) && is_string($there['country_code'] ?? null) ? $there['country_code'] : '';

        return preg_match('/^[A-Z]{2}$/', $code) === 1 ? $code : null;
    }

    /** Of the equator; not where nobody has written down where it lies. */
    public function isSouth(): bool
    {
        return ($this->latitude ?? 0.0) < 0.0;
    }

    /** Null where nobody has written down where it lies. */
    public function place(): ?Place
    {
        return $this->latitude === null || $this->longitude === null
            ? null
            : new Place($this->latitude, $this->longitude, new DateTimeZone($this->time_zone), (float) ($this->altitude_m ?? 0));
    }

    /** @return HasMany<Zone, $this> */
    public function zones(): HasMany
    {
        return $this->hasMany(Zone::class)->orderBy('position');
    }

    /** @return HasMany<Planting, $this> with those that are retired */
    public function plantings(): HasMany
    {
        return $this->hasMany(Planting::class)->orderBy('name');
    }

    /** @return HasMany<Planting, $this> that stand there now */
    public function standing(): HasMany
    {
        return $this->plantings()->whereNull('retired_on');
    }

    /** @return HasMany<Trouble, $this> */
    public function troubles(): HasMany
    {
        return $this->hasMany(Trouble::class)->orderByDesc('noticed_on')->orderByDesc('id');
    }

    /** @return HasMany<Count, $this> */
    public function counts(): HasMany
    {
        return $this->hasMany(Count::class);
    }

    /** @return HasMany<Scouting, $this> */
    public function scoutings(): HasMany
    {
        return $this->hasMany(Scouting::class);
    }

    /** @return HasMany<Look, $this> the newest first */
    public function looks(): HasMany
    {
        return $this->hasMany(Look::class)->orderByDesc('put_on_at')->orderByDesc('id');
    }

    /** @return HasMany<Glance, $this> the newest first */
    public function glances(): HasMany
    {
        return $this->hasMany(Glance::class)->orderByDesc('seen_at')->orderByDesc('id');
    }

    /** @return HasMany<NeverAgain, $this> the newest first */
    public function nevers(): HasMany
    {
        return $this->hasMany(NeverAgain::class)->orderByDesc('said_on')->orderByDesc('id');
    }

    /** @return HasMany<Photo, $this> the oldest first */
    public function photos(): HasMany
    {
        return $this->hasMany(Photo::class)->orderBy('id');
    }

    /** @return HasMany<Chore, $this> what is due first, first; what is over, last */
    public function chores(): HasMany
    {
        return $this->hasMany(Chore::class)->orderByRaw('coalesce(next_on, ?)', ['9999'])->orderBy('id');
    }

    /** @return HasMany<Sprayer, $this> */
    public function sprayers(): HasMany
    {
        return $this->hasMany(Sprayer::class)->orderBy('capacity_ml');
    }

    /** @return HasMany<Product, $this> */
    public function products(): HasMany
    {
        return $this->hasMany(Product::class)->orderBy('name');
    }

    /** @return HasMany<WeatherNote, $this> what was noted last, last */
    public function weatherNotes(): HasMany
    {
        return $this->hasMany(WeatherNote::class)->orderBy('created_at')->orderBy('id');
    }

    /** @return HasMany<Preparation, $this> what was begun first, first */
    public function preparations(): HasMany
    {
        return $this->hasMany(Preparation::class)->orderBy('started_at')->orderBy('id');
    }

    /** @return HasMany<MeasuringTool, $this> the largest of a kind first */
    public function tools(): HasMany
    {
        return $this->hasMany(MeasuringTool::class)->orderBy('kind')->orderByDesc('size');
    }

    /** @return HasMany<OwnMeasure, $this> */
    public function ownMeasures(): HasMany
    {
        return $this->hasMany(OwnMeasure::class)->orderBy('unit');
    }

    /** @return HasMany<Recipe, $this> */
    public function recipes(): HasMany
    {
        return $this->hasMany(Recipe::class)->orderBy('name');
    }

    /** @return HasMany<Course, $this> */
    public function courses(): HasMany
    {
        return $this->hasMany(Course::class);
    }

    /** @return HasMany<Round, $this> */
    public function rounds(): HasMany
    {
        return $this->hasMany(Round::class)->orderBy('due_on')->orderBy('id');
    }

    /** @return HasMany<Application, $this> */
    public function applications(): HasMany
    {
        return $this->hasMany(Application::class)->orderByDesc('applied_at')->orderByDesc('id');
    }

    /** @return HasMany<Batch, $this> the newest first */
    public function batches(): HasMany
    {
        return $this->hasMany(Batch::class)->orderByDesc('made_at')->orderByDesc('id');
    }

    /** @return HasMany<Tick, $this> */
    public function ticks(): HasMany
    {
        return $this->hasMany(Tick::class);
    }

    /** @return HasMany<Change, $this> */
    public function changes(): HasMany
    {
        return $this->hasMany(Change::class);
    }
}
