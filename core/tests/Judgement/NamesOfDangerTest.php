<?php

declare(strict_types=1);

use Nebbia\Core\Data\Severity;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Tests\Cases;

// However it is called, it is the same thing.
const DANGERS_BY_NAME = [
    'danger.methylated' => ['methylated spirits', 'meths', 'metho', 'denatured alcohol', 'surgical spirit', 'methanol', 'wood alcohol', 'fuel alcohol', 'bioethanol', 'alcool denaturato', 'alcool da ardere', 'álcool desnaturado', 'álcool de queimar', 'alcohol de quemar', 'Brennspiritus'],
    'danger.caustic-lime' => ['quicklime', 'burnt lime', 'calce viva', 'cal virgem', 'hydrated lime', 'slaked lime', "builder's lime", 'calce idrata', 'cal hidratada', 'lime wash', 'lime water'],
    'danger.tobacco' => ['tobacco leaf', 'cigarette butts', 'snuff', 'vape juice', 'nicotine', 'tobacco tea', 'tobacco juice'],
    'danger.caustic-as-active' => ['lye', 'caustic soda', 'soda caustica'],
    'danger.fuel' => ['petrol', 'gasoline', 'diesel', 'kerosene', 'paraffin', 'lamp oil', 'turpentine', 'trementina', 'acquaragia', 'white spirit'],
    'danger.borax-on-leaves' => ['borax', 'boric acid', 'boracic acid'],
    'danger.mineral-acid' => ['muriatic acid', 'battery acid', 'oxalic acid', 'acido muriatico'],
    'tolerance.hypochlorite' => ['bleach', 'chlorine', 'eau de javel', 'candeggina', 'varechina', 'lixívia', 'água sanitária', 'pool chlorine'],
];

it('is the same danger under every name', function (string $ground): void {
    foreach (DANGERS_BY_NAME[$ground] as $name) {
        $thing = Cases::get(Ingredients::class)->named($name);
        $judged = Cases::judged(Cases::body('1 L', [[$thing->id, $thing->isLiquid ? '100 mL' : '100 g']], 'added', 'foliar', 'metric'), 'tomato');
        $stops = array_column(array_filter($judged->findings, static fn ($one): bool => $one->severity === Severity::Stop), 'ground');
        expect(in_array($ground, $stops, true))->toBeTrue("$name: ".implode(', ', $stops));
    }
})->with(array_keys(DANGERS_BY_NAME));

it('keeps limestone, hydrated lime and quicklime apart', function (): void {
    $named = static fn (string $name): string => Cases::get(Ingredients::class)->named($name)->id;
    foreach (['garden lime', 'lime', 'limestone', 'ground limestone', 'dolomite lime', 'chalk', 'calcare macinato', 'calcário'] as $name) {
        expect($named($name))->toBe('garden-lime', $name);
    }
    foreach (['hydrated lime', 'slaked lime', 'calcium hydroxide', 'pickling lime', 'calce spenta', 'cal apagada'] as $name) {
        expect($named($name))->toBe('hydrated-lime', $name);
    }
    foreach (['quicklime', 'calcium oxide', 'ossido di calcio', 'cal viva'] as $name) {
        expect($named($name))->toBe('quicklime', $name);
    }
    // Ground limestone burns nobody.
    $judged = Cases::judged(Cases::body('1 L', [['garden-lime', '5 g']], 'final'), 'tomato');
    expect(array_filter($judged->findings, static fn ($one): bool => $one->severity === Severity::Stop))->toBe([]);
});

it('says the same of a name whatever it is used for, or says why not', function (UseOfSpray $use): void {
    foreach (['danger.methylated', 'danger.caustic-lime', 'danger.fuel', 'danger.mineral-acid'] as $ground) {
        $said = [];
        foreach (DANGERS_BY_NAME[$ground] as $name) {
            $thing = Cases::get(Ingredients::class)->named($name);
            $judged = Cases::judged(Cases::body('1 L', [[$thing->id, $thing->isLiquid ? '100 mL' : '100 g']], 'added', $use->value, 'metric'), $use->wetsLeaves() || $use === UseOfSpray::Drench ? 'tomato' : null);
            $said[$name] = in_array($ground, array_column($judged->findings, 'ground'), true);
        }
        expect(array_unique(array_values($said)))->toHaveCount(1, $ground.' '.json_encode($said));
    }
})->with(UseOfSpray::cases());
