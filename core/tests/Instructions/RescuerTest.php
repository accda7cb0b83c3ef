<?php

declare(strict_types=1);

use Nebbia\Core\Instructions\Rescue\RescueContent;
use Nebbia\Core\Instructions\Rescue\Rescuer;
use Nebbia\Core\Instructions\Rescue\WayOut;
use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Tests\Cases;

/** @return array<string, float> what is in at the end, by the way out: base and each line */
function endOf(Mix $mix, RescueContent $in, WayOut $way): array
{
    $end = ['base' => $way->keep * $in->baseMl + $way->addBaseMl];
    foreach (array_keys($mix->lines) as $line) {
        $end["line $line"] = $way->keep * ($in->lines[$line] ?? 0.0) + ($way->add[$line] ?? 0.0);
    }

    return $end;
}

/** @return list<string> */
function kinds(array $ways): array
{
    return array_map(static fn (WayOut $way): string => $way->kind, $ways);
}

it('makes more of it where a tablespoon went in for a teaspoon and there is room', function (): void {
    $mix = Cases::mix(Cases::body('1 L', [['liquid-castile-soap', '1 tsp', '33 %'], ['isopropyl-alcohol', '20 mL', '70 %']], units: 'metric'));
    $in = RescueContent::of($mix, 1000.0, [], [0 => 15.0]);
    [$larger, $planned] = (new Rescuer)->waysOut($mix, $in, Vessel::of('Tank', 5000.0));
    // Three times as much: 2 L more water, 60 mL alcohol, 3.075 L in all.
    expect($larger->kind)->toBe('larger')->and($larger->pourAwayMl)->toEqual(0.0)->and($larger->addBaseMl)->toEqualWithDelta(2000.0, 1e-9)
        ->and($larger->add)->toEqual([1 => 60.0])->and($larger->finalMl)->toEqualWithDelta(3075.0, 1e-9);
    // Or keep a third: pour away two thirds of 1015 mL, fill up with 666.67 of water, and the alcohol as written.
    expect($planned->kind)->toBe('as-planned')->and($planned->pourAwayMl)->toEqualWithDelta(2 / 3 * 1015, 1e-6)
        ->and($planned->addBaseMl)->toEqualWithDelta(2000 / 3, 1e-6)->and($planned->add)->toEqual([1 => 20.0]);
});

it('fills the vessel where more would not fit', function (): void {
    $mix = Cases::mix(Cases::body('1 L', [['liquid-castile-soap', '1 tsp', '33 %']], units: 'metric'));
    $ways = (new Rescuer)->waysOut($mix, RescueContent::of($mix, 1000.0, [], [0 => 15.0]), Vessel::of('Pump', 2000.0, 0.85));
    expect(kinds($ways))->toBe(['fill', 'as-planned'])->and($ways[0]->finalMl)->toEqualWithDelta(1700.0, 1e-9)->and($ways[0]->pourAwayMl)->toBeLessThan($ways[1]->pourAwayMl);
});

it('ends with the proportions that were planned, whatever went in', function (): void {
    $mix = Cases::mix(Cases::body('1 L', [['liquid-castile-soap', '20 mL', '33 %'], ['baking-soda', '5 g'], ['vegetable-oil', '10 mL'], ['milk', '1 in 20']], units: 'metric'));
    $planned = endOf($mix, RescueContent::of($mix, $mix->baseMl, [0, 1, 2, 3]), WayOut::of('as-planned', 0, 1, 0, [], 0));
    foreach ([0.4, 0.9, 1.5, 2.0, 4.0] as $k) {
        foreach ([0, 1, 2, 3] as $line) {
            foreach ([[], [0], [1, 2], [0, 1, 2, 3]] as $others) {
                $in = RescueContent::of($mix, $mix->baseMl * 0.8, array_values(array_diff($others, [$line])), [$line => $k * RescueContent::planned($mix, $line)]);
                foreach ((new Rescuer)->waysOut($mix, $in, Vessel::of('Tank', 3000.0)) as $way) {
                    $end = endOf($mix, $in, $way);
                    $scale = $way->finalMl / $mix->finalVolume->likely;
                    foreach ($planned as $what => $amount) {
                        expect($end[$what])->toEqualWithDelta($scale * $amount, 1e-6 * $amount, "$way->kind, $what, $k times line $line");
                    }
                    expect($way->pourAwayMl)->toBeGreaterThanOrEqual(0.0)->and($way->keep)->toBeLessThanOrEqual(1.0);
                }
            }
        }
    }
});

it('only adds where too little went in', function (): void {
    $mix = Cases::mix(Cases::body('1 L', [['liquid-castile-soap', '30 mL', '33 %']], units: 'metric'));
    [$way] = (new Rescuer)->waysOut($mix, RescueContent::of($mix, 1000.0, [], [0 => 10.0]), null);
    expect($way->pourAwayMl)->toEqual(0.0)->and($way->add)->toEqual([0 => 20.0])->and($way->addBaseMl)->toEqual(0.0);
});

it('has it thrown away where it must not be mixed, or hardly any would be kept', function (): void {
    $bad = Cases::judged(Cases::body('1 L', [['bleach', '50 mL', '5 %'], ['white-vinegar', '50 mL', '5 %']], use: 'disinfect'));
    expect((new Rescuer)->waysOut($bad->mix, RescueContent::of($bad->mix, 1000.0, [0, 1]), null, $bad->findings))->toBe([])->and((new Rescuer)->mustGo($bad->findings))->toBeTrue();
    $mix = Cases::judged(Cases::body('1 L', [['liquid-castile-soap', '10 mL', '33 %']], units: 'metric'))->mix;
    expect((new Rescuer)->waysOut($mix, RescueContent::of($mix, 1000.0, [], [0 => 100.0]), Vessel::of('Pump', 1100.0)))->toBe([]);
});

it('refuses what cannot have happened', function (callable $ask, string $field): void {
    expect(Cases::complaint($ask)[0])->toBe($field);
})->with(function (): array {
    $mix = Cases::mix(Cases::body('1 L', [['liquid-castile-soap', '10 mL', '33 %']]));

    return [
        [static fn () => RescueContent::of($mix, 0.0, []), 'in'],
        [static fn () => RescueContent::of($mix, 1000.0, [], [0 => 0.0]), 'put'],
        [static fn () => RescueContent::of($mix, 1000.0, [], [7 => 5.0]), 'line'],
        [static fn () => RescueContent::of($mix, -1.0, [0]), 'base'],
    ];
});
