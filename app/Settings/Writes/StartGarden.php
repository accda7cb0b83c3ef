<?php

declare(strict_types=1);

namespace App\Settings\Writes;

use App\Core\Say;
use App\Demo\DemoGarden;
use App\Garden\Requests\PlantingsRequest;
use App\Models\Garden;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Support\Str;
use Nebbia\Core\Chemistry\Waters;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\Tool\ToolKind;
use Nebbia\Core\Measure\Units;
use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Substance\Ingredients;

/** The first run: the demo garden, or an empty one with three usual sprayers, measuring spoons and a scale to begin with. */
final readonly class StartGarden
{
    /** Hand bottle, pump bottle and bucket-size sprayer, as they are sold there: capacity in mL, and how full they may be. */
    private const USUAL_SPRAYERS = [
        'metric' => [['garden.hand-bottle', 750.0, 0.9], ['garden.pump-bottle', 2000.0, 0.85], ['garden.pressure-sprayer', 5000.0, 0.85]],
        // A quart, half a gallon, a gallon.
        'us' => [
            ['garden.hand-bottle', 946.352946, 0.9],
            ['garden.pump-bottle', 1892.705892, 0.85],
            ['garden.pressure-sprayer', 3785.411784, 0.85],
        ],
        // A pint and a half, half a gallon, a gallon.
        'imperial' => [
            ['garden.hand-bottle', 852.391875, 0.9],
            ['garden.pump-bottle', 2273.045, 0.85],
            ['garden.pressure-sprayer', 4546.09, 0.85],
        ],
    ];

    /** A set of measuring spoons and a cup: name, what it is a part of, and which part. */
    private const SPOONS = [
        ['cup', 'cup', 1.0],
        ['½ cup', 'cup', 0.5],
        ['tablespoon', 'tbsp', 1.0],
        ['teaspoon', 'tsp', 1.0],
        ['½ teaspoon', 'tsp', 0.5],
        ['¼ teaspoon', 'tsp', 0.25],
    ];

    /** Signs of money by country, where it is not the euro. */
    private const MONEY = [
        'US' => '$', 'CA' => '$', 'AU' => '$', 'NZ' => '$', 'GB' => '£', 'BR' => 'R$', 'CH' => 'CHF', 'JP' => '¥', 'IN' => '₹', 'ZA' => 'R',
        'MX' => '$', 'AR' => '$', 'CL' => '$', 'SE' => 'kr', 'NO' => 'kr', 'DK' => 'kr', 'PL' => 'zł', 'CZ' => 'Kč',
    ];

    /** How full a sprayer may be where nobody says. */
    private const USUAL_FILL = 0.85;

    public function __construct(
        private DemoGarden $demo,
        private Units $units,
        private Waters $waters,
        private Ingredients $ingredients,
        private AmountParser $amounts,
    ) {}

    /** @param  CarbonImmutable|null  $begins  the morning on which it begins; one in mid May if left out, whatever the calendar says */
    public function demo(?CarbonImmutable $begins = null): Garden
    {
        // Made anew: the one before is put away.
        Garden::query()->where(['is_demo' => true, 'put_away' => false])->update(['put_away' => true]);

        return $this->demo->build($begins ?? CarbonImmutable::parse(config()->string('nebbia.demo_begins'))->utc());
    }

    /**
     * With the place and the money that go with its time zone, where nobody has said better: sun and seasons are right to a few degrees.
     *
     * @param  array<string, mixed>  $settings
     * @return array<string, mixed>
     */
    private static function placed(array $settings): array
    {
        $zone = is_string($settings['time_zone'] ?? null) ? $settings['time_zone'] : '';
        $there = $zone === '' ? false : (new DateTimeZone($zone))->getLocation();
        if ($there === false || ! isset($there['country_code']) || $there['country_code'] === '??') {
            return $settings;
        }
        if (($settings['latitude'] ?? null) === null && ($settings['longitude'] ?? null) === null) {
            $settings['latitude'] = round((float) $there['latitude'], 1);
            $settings['longitude'] = round((float) $there['longitude'], 1);
        }

        return $settings + (isset(self::MONEY[$there['country_code']]) ? ['currency' => self::MONEY[$there['country_code']]] : []);
    }

    /** @param  array<string, mixed>  $settings */
    public function empty(array $settings, Beginnings $with = new Beginnings()): Garden
    {
        $usual = $this->waters->usual();
        // As the form proposes it is what taps usually give, until somebody says otherwise.
        $isUsual =
            ($settings['hardness_mg_l'] ?? null) == $usual->hardness->likely &&
            ($settings['alkalinity_mg_l'] ?? null) == $usual->alkalinity->likely;
        $garden = Garden::query()->create(['water_known' => ! $isUsual] + self::placed($settings));
        $garden->zones()->create(['name' => Say::it('garden.first-zone'), 'position' => 1]);
        $garden->refresh();
        $this->sprayers($garden, $with->sprayers);
        foreach (self::SPOONS as [$name, $generic, $part]) {
            $unit = $this->units->generic($generic, $garden->units)->likely;
            $garden
                ->tools()
                ->create(['name' => $name, 'kind' => ToolKind::Spoon, 'size' => ($unit?->toFloat() ?? 0.0) * $part, 'step' => 0.0]);
        }
        $garden->tools()->create(['name' => Say::it('garden.scale'), 'kind' => ToolKind::Scale, 'size' => 5000.0, 'step' => 1.0]);

        foreach (PlantingsRequest::rows($garden, $with->plantings) as $row) {
            $garden->plantings()->create($row);
        }
        foreach (array_unique($with->cupboard) as $name) {
            $ingredient = $this->ingredients->named($name);
            // How much there is and how strong nobody has said: it is taken as it is usually sold.
            $garden->products()->create(['name' => Str::ucfirst($ingredient->name), 'ingredient' => $ingredient->id]);
        }

        return $garden;
    }

    /** @param  list<string>|null  $sizes  as typed; null for the usual three */
    private function sprayers(Garden $garden, ?array $sizes): void
    {
        foreach ($sizes ?? [] as $n => $typed) {
            try {
                $capacity = $this->amounts->parseVolume($typed, $garden->units)->inBase()->likely;
                Vessel::of('', $capacity, self::USUAL_FILL);
            } catch (BadInput $e) {
                throw $e->at("sprayers.$n");
            }
            $garden->sprayers()->create([
                'name' => Say::it('garden.sprayer-of', ['size' => PreciseWords::volume($capacity, $garden->units)]),
                'capacity_ml' => $capacity,
                'usable_fraction' => self::USUAL_FILL,
            ]);
        }
        if ($sizes !== null && $sizes !== []) {
            return;
        }
        foreach (self::USUAL_SPRAYERS[$garden->units->value] ?? self::USUAL_SPRAYERS['metric'] as [$name, $capacity, $usable]) {
            $size = PreciseWords::volume($capacity, $garden->units);
            $garden
                ->sprayers()
                ->create(['name' => Say::it($name, ['size' => $size]), 'capacity_ml' => $capacity, 'usable_fraction' => $usable]);
        }
    }
}
