<?php

declare(strict_types=1);

use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Pest\Remedies;
use Nebbia\Core\Pest\Remedy;
use Nebbia\Core\Pest\Starter;
use Nebbia\Core\Pest\Starters;
use Nebbia\Core\Tests\Cases;

/** @return array<string, array{Remedy|null, Starter, UnitSystem}> */
function starters(): array
{
    $all = [];
    $remedies = Cases::get(Remedies::class)->all;
    foreach (Cases::get(Starters::class)->all as $starter) {
        foreach ([UnitSystem::Metric, UnitSystem::Us, UnitSystem::Au] as $units) {
            $all["$starter->id, $units->value"] = [$starter->remedy === null ? null : $remedies[$starter->remedy], $starter, $units];
        }
    }

    return $all;
}

it('begins each family with a mild recipe of it', function (?Remedy $remedy, Starter $starter, UnitSystem $units): void {
    $mix = Cases::mix($starter->body($units));
    if ($remedy === null) {
        // Wiped, dipped or for tools: no family is either.
        expect($starter->use->value)->toBeIn(['wipe', 'dip', 'disinfect']);

        return;
    }
    expect($remedy->isMadeBy($mix))->toBeTrue();
    if ($remedy->schools !== null) {
        $strength = 0.0;
        foreach ($remedy->substances as $substance) {
            $strength += $mix->strengthOf($substance)?->in($remedy->schools['unit'])->likely ?? 0.0;
        }
        // From a little under the mild school to the middle one; onion has its own mild one in the same family, 5 (FACTS.md).
        $middle = $mix->strengthOf('onion') === null ? $remedy->schools['middle'] : 5.0;
        expect($strength)->toBeGreaterThanOrEqual(0.9 * $remedy->schools['mild'])->toBeLessThanOrEqual(1.05 * $middle);
    }
})->with(starters());

it('is no stop and no caution on what bears as is usual', function (?Remedy $remedy, Starter $starter, UnitSystem $units): void {
    $judged = Cases::judged($starter->body($units), in_array($starter->use->value, ['weed', 'disinfect'], true) ? null : 'tomato');
    $said = array_map(static fn ($one): string => "{$one->severity->value} $one->ground", array_filter($judged->findings, static fn ($one): bool => $one->ground !== 'use' && ! ($starter->use->value === 'disinfect' && $one->ground === 'danger.alcohol-flame') && in_array($one->severity, [Severity::Stop, Severity::Caution], true)));
    expect(array_values($said))->toBe([]);
})->with(starters());

it('is in no water too weak to do its work', function (?Remedy $remedy, Starter $starter, UnitSystem $units): void {
    foreach ([null, Water::pure(), Water::measured(300.0, 200.0)] as $water) {
        $leading = Cases::judged($starter->body($units), null, new Circumstances(water: $water))->leading();
        expect($leading === null ? '' : Cases::english()->sentence($leading->what))->toBe('');
    }
})->with(starters());

it('stops on no generic kind of plant but where sulfur burns', function (): void {
    $wrong = [];
    foreach (Cases::table('plants')->rows() as $id => $row) {
        if (! $row->bool('generic')) {
            continue;
        }
        foreach (starters() as $name => [$remedy, $starter, $units]) {
            if ($units !== UnitSystem::Metric || in_array($starter->use->value, ['weed', 'disinfect'], true)) {
                continue;
            }
            foreach (Cases::judged($starter->body($units), $row->string('id'))->stops() as $stop) {
                if ($starter->remedy !== 'sulfur') {
                    $wrong[] = "$name on {$row->string('id')}: $stop->ground";
                }
            }
        }
    }
    expect($wrong)->toBe([]);
});

it('has one of every family that needs no bought product, one for each use, and some thirty in all', function (): void {
    $all = Cases::get(Starters::class)->all;
    $families = array_diff(array_keys(Cases::get(Remedies::class)->all), ['bacillus']);
    expect(array_diff($families, array_map(static fn (Starter $one): ?string => $one->remedy, $all)))->toBe([])
        ->and(array_unique(array_map(static fn (Starter $one): string => $one->use->value, $all)))->toHaveCount(6)
        ->and(count($all))->toBeGreaterThanOrEqual(28);
});

it('is about the same in spoons as in millilitres, a third off at most where a quarter spoon is the least', function (): void {
    foreach (Cases::get(Starters::class)->all as $starter) {
        $metric = Cases::mix($starter->body(UnitSystem::Metric));
        $us = Cases::mix($starter->body(UnitSystem::Us));
        foreach ($metric->strengths as $strength) {
            $other = $us->strengthOf($strength->substance->id)?->percentWv->likely ?? 0.0;
            expect($other)->toEqualWithDelta($strength->percentWv->likely, 0.35 * $strength->percentWv->likely, "$starter->id: {$strength->substance->id}");
        }
    }
});
