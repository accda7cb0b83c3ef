<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Hour;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Weather\WeatherUnits;

/** Whether this is an hour for this spray. The gravest word on each matter counts, where several substances have one. */
final readonly class HourRule implements Rule
{
    /** Objections that speak of one matter. */
    private const MATTERS = [
        'too-hot' => 'temperature',
        'too-cold' => 'temperature',
        'warm' => 'temperature',
        'cool' => 'temperature',
        'windy' => 'wind',
        'still' => 'wind',
        'rain' => 'rain',
        'rain-later' => 'rain',
        'frost' => 'frost',
        'damp' => 'air',
        'dry' => 'air',
        'drying-fast' => 'air',
        'wet-leaf' => 'air',
        'sun-never' => 'sun',
        'sun' => 'sun',
        'no-sun' => 'sun',
    ];

    public function __construct(private SprayWindows $windows) {}

    public function grounds(): array
    {
        return array_map(
            static fn (SprayWindow $window): RuleGround => RuleGround::of(
                "window.$window->id",
                GroundTopic::Hours,
                Message::of("ground.window.$window->id"),
                Message::of('ground.window.text', [
                    'from' => $window->temperature[0],
                    'to' => $window->temperature[1],
                    'well_from' => $window->ideal[0],
                    'well_to' => $window->ideal[1],
                    'cold' => $window->temperature[0] < -20.0 ? 'any' : 'some',
                    'wind' => $window->wind ?? 0.0,
                    'dry' => $window->dryHours ?? 0.0,
                    'humidity' => $window->humidity[1],
                    'sun' => Message::of("ground.window.sun.$window->sun"),
                    'bees' => Message::of("ground.window.bees.$window->bees"),
                ]),
                $window->basis,
                $window->sure,
            ),
            $this->windows->all,
        );
    }

    public function sentences(): array
    {
        return array_map(static fn (string $id): string => "hour.$id", [...array_keys(self::MATTERS), 'time', 'bees']);
    }

    public function judge(Situation $situation): iterable
    {
        $hour = $situation->circumstances->hour;
        if ($hour === null) {
            return;
        }
        $found = [];
        foreach ($this->windows->for($situation->mix, $situation->isBareWood()) as $window) {
            foreach (
                $window->objections(
                    $hour,
                    $situation->circumstances->indoors,
                    $this->windows->deltaT,
                    $situation->plant->nightBreathing ?? false,
                ) as $objection
            ) {
                $matter = self::MATTERS[$objection->id] ?? $objection->id;
                if (! isset($found[$matter]) || $objection->severity->rank() > $found[$matter][0]->severity->rank()) {
                    $found[$matter] = [$objection, $window];
                }
            }
        }
        foreach ($found as [$objection, $window]) {
            yield Finding::of(
                'hour',
                $objection->severity,
                "hour.$objection->id",
                $this->said($objection->params, WeatherUnits::of($situation->circumstances->units)) + [
                    'better' => $objection->better,
                    'part' => $hour->part->value ?? '',
                ],
                $window->basis,
                $window->sure,
            )->from("window.$window->id");
        }
    }

    /**
     * Figures in the units of whoever reads them.
     *
     * @param  array<string, float>  $params
     * @return array<string, string|float>
     */
    private function said(array $params, WeatherUnits $units): array
    {
        $said = ['degrees' => $units->degrees(), 'speed' => $units->speed()];
        foreach ($params as $name => $value) {
            $said[$name] = match ($name) {
                't', 'from', 'to', 'well_from', 'well_to' => $units->sayTemperature($value),
                'delta' => $units->sayDifference($value),
                'wind' => $units->saySpeed($value),
                'most', 'least' => isset($params['wind']) ? $units->saySpeed($value) : $value,
                default => $value,
            };
        }

        return $said + [
            'ideal_low' => $units->sayDifference(2.0),
            'ideal_high' => $units->sayDifference(8.0),
            'too_dry' => $units->sayDifference(10.0),
        ];
    }
}
