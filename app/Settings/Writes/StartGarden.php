<?php

declare(strict_types=1);

namespace App\Settings\Writes;

use App\Core\Say;
use App\Demo\DemoGarden;
use App\Models\Garden;
use Carbon\CarbonImmutable;
use Nebbia\Core\Measure\Tool\ToolKind;
use Nebbia\Core\Measure\Units;

/** The first run: the demo garden, or an empty one with three usual sprayers, measuring spoons and a scale to begin with. */
final readonly class StartGarden
{
    /** Hand bottle, pump bottle and bucket-size sprayer: capacity in mL, and how full they may be. */
    private const USUAL_SPRAYERS = [['garden.hand-bottle', 750.0, 0.9], ['garden.pump-bottle', 2000.0, 0.85], ['garden.pressure-sprayer', 5000.0, 0.85]];

    /** A set of measuring spoons and a cup: name, what it is a part of, and which part. */
    private const SPOONS = [['cup', 'cup', 1.0], ['½ cup', 'cup', 0.5], ['tablespoon', 'tbsp', 1.0], ['teaspoon', 'tsp', 1.0], ['½ teaspoon', 'tsp', 0.5], ['¼ teaspoon', 'tsp', 0.25]];

    public function __construct(
        private DemoGarden $demo,
        private Units $units,
    ) {}

    /** @param  CarbonImmutable|null  $begins  the morning on which it begins; one in mid May if left out, whatever the calendar says */
    public function demo(?CarbonImmutable $begins = null): Garden
    {
        return $this->demo->build($begins ?? CarbonImmutable::parse(config()->string('nebbia.demo_begins'))->utc());
    }

    /** @param  array<string, mixed>  $settings */
    public function empty(array $settings): Garden
    {
        $garden = Garden::query()->create($settings);
        $garden->zones()->create(['name' => Say::it('garden.first-zone'), 'position' => 1]);
        foreach (self::USUAL_SPRAYERS as [$name, $capacity, $usable]) {
            $garden->sprayers()->create(['name' => Say::it($name), 'capacity_ml' => $capacity, 'usable_fraction' => $usable]);
        }
        $garden->refresh();
        foreach (self::SPOONS as [$name, $generic, $part]) {
            $unit = $this->units->generic($generic, $garden->units)->likely;
            $garden->tools()->create(['name' => $name, 'kind' => ToolKind::Spoon, 'size' => ($unit?->toFloat() ?? 0.0) * $part, 'step' => 0.0]);
        }
        $garden->tools()->create(['name' => Say::it('garden.scale'), 'kind' => ToolKind::Scale, 'size' => 5000.0, 'step' => 1.0]);

        return $garden;
    }
}
