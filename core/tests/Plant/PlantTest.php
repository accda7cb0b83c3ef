<?php

declare(strict_types=1);

use Nebbia\Core\Plant\LeafSurface;
use Nebbia\Core\Plant\Modifiers;
use Nebbia\Core\Plant\SensitivityGroup;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Tests\Cases;

it('has from its family and habit what its own row leaves out', function (): void {
    $plant = fn (string $id) => Cases::plant($id);
    expect($plant('melon')->sensitiveTo)->toBe(['vinegar', 'sulfur', 'salicylate'])->and($plant('melon')->notedFor)->toHaveKey('oil')
        ->and($plant('heather')->hatesLime())->toBeTrue()->and($plant('heather')->sure)->toBe('medium')
        ->and($plant('boston-fern')->groupFor('soap'))->toBe(SensitivityGroup::Sensitive)->and($plant('boston-fern')->surface)->toBe(LeafSurface::Thin)
        ->and($plant('orange')->usualGroup)->toBe(SensitivityGroup::Hardy)->and($plant('orange')->groupFor('salt'))->toBe(SensitivityGroup::Sensitive)
        ->and($plant('dahlia')->sensitiveTo)->toBe([])->and($plant('dahlia')->usualGroup)->toBe(SensitivityGroup::Ordinary)->and($plant('dahlia')->sure)->toBe('low');
});

it('lets its own row overrule the family', function (): void {
    // Azaleas bear soap but for their new growth; the family's list does not hide that.
    expect(Cases::plant('rhododendron')->notedFor['soap'])->toBe('new growth of azaleas')->and(Cases::plant('rhododendron')->groupFor('salt'))->toBe(SensitivityGroup::Sensitive);
});

it('knows which breathe at night', function (): void {
    $night = array_values(array_filter(Cases::table('plants')->ids(), fn (string $id): bool => Cases::plant($id)->nightBreathing));
    expect($night)->toContain('moth-orchid', 'cattleya', 'jade-plant', 'echeveria', 'aloe', 'cactus', 'pineapple')->not->toContain('tomato', 'rose', 'african-violet', 'boston-fern');
});

it('names nobody twice', function (): void {
    $names = [];
    foreach (Cases::table('plants')->ids() as $id) {
        $names[] = mb_strtolower(Cases::plant($id)->name);
    }
    expect($names)->toBe(array_values(array_unique($names)))->and(Cases::plant('arugula')->id)->toBe('rocket')->and(Cases::plant('azalea')->id)->toBe('rhododendron')->and(Cases::plant('eggplant')->id)->toBe('aubergine');
});

it('knows what stages do to what a plant bears', function (): void {
    $at = fn (Stage $stage): array => array_values(array_map(fn ($m) => [$m->id, $m->factor, $m->harsherFactor], array_filter(Cases::get(Modifiers::class)->all, fn ($m): bool => $m->holdsAt($stage))));
    expect($at(Stage::Seedling))->toBe([['seedling', 0.5, 0.3]])->and($at(Stage::Flowering))->toBe([['flowering', 0.7, null]])->and($at(Stage::Growing))->toBe([]);
});
