<?php

declare(strict_types=1);

use Nebbia\Core\Chemistry\Reactor;
use Nebbia\Core\Tests\Cases;

// A figure stands once; where a table needs it too it is held to the other.

it('weighs an alkali the same for soap and for chemistry', function (string $alkali, string $substance): void {
    $soap = array_column(array_map(static fn ($row): array => $row->toArray(), Cases::table('soap')->rows('alkalis')), 'molar', 'id');
    $chemistry = array_column(array_map(static fn ($row): array => $row->toArray(), Cases::table('chemistry')->rows('substances')), 'molar_mass', 'substance');
    expect($soap[$alkali])->toBe($chemistry[$substance]);
})->with([['KOH', 'potassium-hydroxide'], ['NaOH', 'sodium-hydroxide']]);

it('counts potassium soap by the same mass as the alkali', function (): void {
    expect(array_column(array_map(static fn ($row): array => $row->toArray(), Cases::table('soap')->rows('alkalis')), 'molar', 'id')['KOH'])->toBe(Reactor::POTASSIUM_HYDROXIDE);
});
