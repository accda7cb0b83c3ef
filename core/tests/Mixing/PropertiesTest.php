<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Measure\AmountFormatter;
use Nebbia\Core\Measure\Unit;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Measure\Vessel\FillPlan;
use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Chance;

/** @return array<string, float> grams of each substance in all of it */
function gramsIn(Mix $mix): array
{
    $grams = [];
    foreach ($mix->strengths as $strength) {
        $grams[$strength->substance->id] = $strength->percentWv->likely / 100 * $mix->finalVolume->likely;
    }

    return $grams;
}

/** @return array<string, mixed> a recipe at random, of what mixes in any proportion here */
function anyBody(Chance $chance): array
{
    $lines = [
        ['liquid-castile-soap', '%s mL', '33 %%'], ['isopropyl-alcohol', '%s mL', '70 %%'], ['baking-soda', '%s g', null], ['milk', '1:%s', null], ['hydrogen-peroxide', '%s mL', '10 volumes'],
        ['vegetable-oil', '%s tsp', null], ['garlic', '%s cloves', null], ['dish-detergent', '%s drops', '20 %%'], ['plant-ferment', '1 in %s', null],
    ];
    $chosen = [];
    for ($n = $chance->whole(1, 5); $n > 0; $n--) {
        [$ingredient, $amount, $strength] = $lines[$chance->whole(0, count($lines) - 1)];
        $number = $chance->whole(2, 40) + (str_starts_with($amount, '1') ? 20 : 0);
        $chosen[] = $strength === null ? [$ingredient, sprintf($amount, $number)] : [$ingredient, sprintf($amount, $number), sprintf($strength)];
    }

    return Cases::body($chance->whole(1, 9).' L', $chosen, $chance->whole(0, 1) === 0 ? 'added' : 'final', units: 'metric');
}

it('turns every unit into its base and back without losing anything', function (): void {
    foreach (['us', 'metric', 'imperial', 'au'] as $system) {
        foreach (['tsp', 'tbsp', 'cup', 'fl oz', 'pint', 'quart', 'gal', 'mL', 'L', 'dl', 'oz', 'lb', 'g', 'kg', 'mg', 'grain', 'stone', 'gō', 'dessertspoon'] as $name) {
            $amount = Cases::amount("7 3/8 $name", $system);
            $factor = $amount->unit->likely ?? throw new RuntimeException($name);
            $base = Amount::of($amount->likely->multipliedBy($factor), Unit::plain($amount->unit->kind === UnitKind::Mass ? UnitKind::Mass : UnitKind::Volume));
            expect($base->likely->dividedBy($factor)->isEqualTo($amount->likely))->toBeTrue("$name, $system")
                ->and(Cases::amount(AmountFormatter::machine($base), $system)->likely->isEqualTo($base->likely))->toBeTrue();
        }
    }
});

it('keeps the mass of everything, however often the vessel is filled', function (): void {
    $chance = new Chance(11);
    for ($n = 0; $n < 60; $n++) {
        $body = anyBody($chance);
        $need = 500.0 + 300.0 * $chance->whole(1, 40);
        $plan = FillPlan::of(Vessel::of('Pump', 2000.0, 0.85), $need);
        $whole = gramsIn(Cases::mix($body, $plan->madeMl));
        foreach (gramsIn(Cases::mix($body, $plan->eachMl)) as $substance => $grams) {
            expect($plan->fills * $grams)->toEqualWithDelta($whole[$substance], 1e-9 * $whole[$substance]);
        }
    }
});

it('has in it what went in', function (): void {
    $chance = new Chance(12);
    for ($n = 0; $n < 60; $n++) {
        $mix = Cases::mix(anyBody($chance));
        $poured = $mix->baseMl;
        $grams = [];
        foreach ($mix->lines as $line) {
            $amount = $line->line->isPoured() ? $line->volumeMl : $line->massG;
            $poured += $line->line->isPoured() ? $line->volumeMl ?? 0.0 : 0.0;
            $id = $line->line->ingredient->substance->id ?? '';
            $grams[$id] = ($grams[$id] ?? 0.0) + ($amount ?? 0.0) * $line->line->strength->grams->likely;
        }
        expect($poured)->toEqualWithDelta($mix->finalVolume->likely, 1e-6);
        foreach (gramsIn($mix) as $substance => $mass) {
            expect($mass)->toEqualWithDelta($grams[$substance], 1e-9 * $grams[$substance]);
        }
    }
});

it('is no surer for being scaled, and less sure for a rougher measure', function (): void {
    $width = static fn (Mix $mix): float => ($mix->strengthOf('detergent')->percentWv->high ?? 0.0) / max($mix->strengthOf('detergent')->percentWv->low ?? 1.0, 1e-12);
    $exact = Cases::mix(Cases::body('1 L', [['dish-detergent', '4 mL', '20 %']]));
    $ranged = Cases::mix(Cases::body('1 L', [['dish-detergent', '3-5 mL', '20 %']]));
    $rough = Cases::mix(Cases::body('1 L', [['dish-detergent', 'a squeeze', '20 %']]));
    $rougher = Cases::mix(Cases::body('1 L', [['dish-detergent', 'a squeeze']]));
    expect($width($exact))->toEqualWithDelta(1.0, 1e-9)
        ->and($width($ranged))->toBeGreaterThan($width($exact))
        ->and($width($rough))->toBeGreaterThan($width($ranged))
        ->and($width($rougher))->toBeGreaterThan($width($rough));
    foreach ([500.0, 1700.0, 8000.0] as $ml) {
        expect($width(Cases::mix(Cases::body('1 L', [['dish-detergent', 'a squeeze', '20 %']]), $ml)))->toEqualWithDelta($width($rough), 1e-9);
    }
    // Something exact beside it takes nothing away from the doubt.
    expect($width(Cases::mix(Cases::body('1 L', [['dish-detergent', 'a squeeze', '20 %'], ['milk', '100 mL']]))))->toBeGreaterThanOrEqual($width($rough) * 0.99);
});

it('scales there and back to the same recipe', function (): void {
    $chance = new Chance(13);
    for ($n = 0; $n < 30; $n++) {
        $recipe = Cases::recipe(anyBody($chance));
        $k = BigRational::nd($chance->whole(1, 50), $chance->whole(1, 50));
        expect($recipe->scaledBy($k)->scaledBy($k->reciprocal())->toArray())->toBe($recipe->toArray());
    }
});
