<?php

declare(strict_types=1);

use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Measure\Units;
use Nebbia\Core\Mixing\Need\Coverage;
use Nebbia\Core\Tests\Cases;

it('names only substances, ingredients, units, habits and families that there are', function (): void {
    $substances = Cases::table('substances')->ids();
    $named = [];
    foreach (['hazards', 'storage'] as $file) {
        foreach (Cases::table($file)->rows() as $row) {
            $named = [...$named, ...$row->strings('substances')];
        }
    }
    foreach (Cases::table('substitutes')->rows() as $row) {
        $named = [...$named, ...$row->strings('from'), ...$row->strings('to')];
    }
    expect(array_values(array_diff(array_unique($named), $substances)))->toBe([]);
    foreach (Cases::table('shelf')->rows() as $row) {
        expect(array_diff($row->strings('ingredients'), Cases::table('ingredients')->ids()))->toBe([]);
    }
    foreach (Cases::table('calibrated')->rows() as $row) {
        expect(Cases::get(Units::class)->get($row->string('unit'))->id)->toBe($row->string('unit'));
    }
    $plants = array_map(Cases::plant(...), Cases::table('plants')->ids());
    $habits = array_unique(array_map(static fn ($plant): string => $plant->habit, $plants));
    $families = array_unique(array_map(static fn ($plant): string => $plant->family, $plants));
    foreach (Cases::table('coverage')->rows('plants') as $row) {
        expect(array_diff($row->strings('habits'), $habits))->toBe([])->and(array_diff($row->strings('families'), $families))->toBe([]);
    }
});

it('knows what every plant takes, more for a taller one, with the likely between low and high', function (): void {
    $coverages = array_map(Coverage::fromRow(...), array_values(Cases::table('coverage')->rows('plants')));
    foreach (Cases::table('plants')->ids() as $id) {
        $plant = Cases::plant($id);
        expect(max(array_map(static fn (Coverage $coverage): int => $coverage->fits($plant), $coverages)))->toBeGreaterThan(0, $id);
    }
    foreach ($coverages as $coverage) {
        $last = 0.0;
        foreach ([2.0, 7.5, 20.0, 35.0, 60.0, 100.0, 180.0, 300.0, 500.0] as $cm) {
            $ml = $coverage->at($cm);
            expect($ml->low)->toBeLessThanOrEqual($ml->likely)->and($ml->likely)->toBeLessThanOrEqual($ml->high)->and($ml->likely)->toBeGreaterThan($last);
            $last = $ml->likely;
        }
        $unsized = $coverage->unsized();
        expect($unsized->low)->toBeLessThan($coverage->at($coverage->unsizedCm)->low + 1e-9)->and($unsized->high)->toBeGreaterThanOrEqual($coverage->at($coverage->unsizedCm)->high);
    }
});

it('has every sentence that mixing, keeping and the shelf may want to say', function (): void {
    $catalogue = Cases::english();
    $keys = [];
    foreach (Cases::table('shelf')->rows() as $row) {
        $keys[] = 'shelf.'.$row->string('id').'.what';
    }
    foreach (['foliar', 'drench', 'weed', 'dip', 'wipe', 'disinfect'] as $use) {
        $keys = [...$keys, "step.use.$use", "label.use.$use", "reading.use.$use"];
    }
    foreach (['fits', 'takes-the-air', 'overflows', 'too-little'] as $verdict) {
        $keys[] = "fit.$verdict";
    }
    foreach (['larger', 'fill', 'as-planned'] as $way) {
        $keys[] = "rescue.way.$way";
    }
    expect(array_values(array_filter($keys, static fn (string $key): bool => ! $catalogue->has($key))))->toBe([]);
});

it('keeps the bottle and pot figures of the tables', function (string $part, string $row, float $low, float $likely, float $high): void {
    $figures = Cases::table('coverage')->part($part)->row($row)->interval();
    expect([$figures->low, $figures->likely, $figures->high])->toBe([$low, $likely, $high]);
})->with([
    ['beds', 'young', 50.0, 100.0, 150.0], ['beds', 'full', 150.0, 250.0, 400.0], ['leaf_area', 'plain', 80.0, 150.0, 250.0], ['leaf_area', 'wetted', 60.0, 150.0, 250.0],
    ['dead', 'bottle', 10.0, 30.0, 50.0], ['dead', 'pump', 50.0, 100.0, 150.0],
]);

it('knows how much dissolves, and how long the raw material steeps', function (string $ingredient, ?float $soluble, ?float $hours, float $rest): void {
    $what = Cases::ingredient($ingredient);
    expect($what->soluble)->toBe($soluble)->and($what->steepHours?->likely)->toBe($hours)->and($what->restMinutes)->toBe($rest);
})->with([
    ['baking-soda', 9.6, null, 0.0], ['potassium-bicarbonate', 33.0, null, 0.0], ['table-salt', 35.9, null, 0.0], ['sugar', 200.0, null, 0.0], ['aspirin-tablet', 0.25, null, 0.0],
    ['garlic', null, 12.0, 10.0], ['onion', null, 12.0, 0.0], ['wood-ash', null, 24.0, 0.0], ['milk', null, null, 0.0],
]);

it('names no unit twice', function (): void {
    $units = Cases::get(Units::class);
    $names = $units->allNames();
    expect(array_diff_assoc($names, array_unique($names)))->toBe([])
        ->and($units->get('glass')->kind)->toBe(UnitKind::Volume)->and($units->get('leaf')->kind)->toBe(UnitKind::Count);
});
