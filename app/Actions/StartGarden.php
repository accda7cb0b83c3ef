<?php

declare(strict_types=1);

namespace App\Actions;

use App\Demo\DemoGarden;
use App\Models\Garden;
use Carbon\CarbonImmutable;

/** The first run: the demo garden, or an empty one with three usual sprayers to begin with. */
final readonly class StartGarden
{
    /** Hand bottle, pump bottle and bucket-size sprayer: capacity in mL, and how full they may be. */
    private const USUAL_SPRAYERS = [['Hand bottle, 750 mL', 750.0, 0.9], ['Pump bottle, 2 L', 2000.0, 0.85], ['Pressure sprayer, 5 L', 5000.0, 0.85]];

    public function __construct(private DemoGarden $demo) {}

    public function demo(): Garden
    {
        return $this->demo->build(CarbonImmutable::now());
    }

    /** @param  array<string, mixed>  $settings */
    public function empty(array $settings): Garden
    {
        $garden = Garden::query()->create($settings);
        $garden->zones()->create(['name' => 'The garden', 'position' => 1]);
        foreach (self::USUAL_SPRAYERS as [$name, $capacity, $usable]) {
            $garden->sprayers()->create(['name' => $name, 'capacity_ml' => $capacity, 'usable_fraction' => $usable]);
        }

        return $garden;
    }
}
