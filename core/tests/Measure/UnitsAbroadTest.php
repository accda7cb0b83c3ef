<?php

declare(strict_types=1);

use Nebbia\Core\Measure\AmountFormatter;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Tests\Cases;

// Italian and Portuguese spoons are metric ones, in whatever system the recipe is read.
it('knows units by their Italian and Portuguese names', function (string $text, float $likely, UnitKind $kind): void {
    foreach (['us', 'metric', 'au'] as $system) {
        $amount = Cases::amount($text, $system);
        expect($amount->unit->kind)->toBe($kind)->and($amount->inBase()->likely)->toEqualWithDelta($likely, 1e-12);
        // Written back it is the same again, in the same system.
        expect(Cases::amount(AmountFormatter::machine($amount), $system)->isSameAs($amount))->toBeTrue(AmountFormatter::machine($amount));
    }
})->with([
    ['2 cucchiai', 30.0, UnitKind::Volume], ['un cucchiaino', 5.0, UnitKind::Volume], ['mezzo litro', 500.0, UnitKind::Volume], ['tre gocce', 0.15, UnitKind::Volume],
    ['uma colher de sopa', 15.0, UnitKind::Volume], ['2 colheres de chá', 10.0, UnitKind::Volume], ['1 colher (sopa)', 15.0, UnitKind::Volume], ['meia colher de sobremesa', 5.0, UnitKind::Volume],
    ['dois litros', 2000.0, UnitKind::Volume], ['1 chilo', 1000.0, UnitKind::Mass], ['250 gramas', 250.0, UnitKind::Mass], ['2 spicchi', 2.0, UnitKind::Count],
    ['3 dentes', 3.0, UnitKind::Count], ['1 bicchiere', 200.0, UnitKind::Volume], ['uma xícara', 240.0, UnitKind::Volume], ['un secchio', 10000.0, UnitKind::Volume],
    ['um punhado', 1.0, UnitKind::Piece],
]);

it('keeps a glass and a cup without a standard as rough as they are', function (string $text, float $low, float $high): void {
    $amount = Cases::amount($text);
    expect($amount->unit->isPrecise())->toBeFalse()->and($amount->inBase()->low)->toBe($low)->and($amount->inBase()->high)->toBe($high)->and($amount->unit->basis)->toBe('practice');
})->with([['1 copo', 120.0, 300.0], ['1 tazza', 150.0, 250.0], ['1 mug', 220.0, 400.0], ['1 balde', 8000.0, 14000.0]]);

it('says whose spoon it is where the word alone would mean another', function (): void {
    expect(AmountFormatter::machine(Cases::amount('2 imp tbsp')))->toBe('2 imp tbsp')
        ->and(AmountFormatter::machine(Cases::amount('2 cucchiai')))->toBe('2 metric tbsp')
        ->and(AmountFormatter::machine(Cases::amount('2 tbsp')))->toBe('2 tbsp')
        ->and(AmountFormatter::machine(Cases::amount('1 US gal', 'imperial')))->toBe('1 US gal');
});
