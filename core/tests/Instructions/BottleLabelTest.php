<?php

declare(strict_types=1);

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Instructions\Label\BottleLabel;
use Nebbia\Core\Instructions\Label\BottleLabels;
use Nebbia\Core\Tests\Cases;

/** @param  list<array{0: string, 1: string, 2?: string}>  $lines */
function labelled(array $lines, string $use = 'foliar', string $made = '2026-05-01 18:30', string $zone = 'Europe/Rome'): BottleLabel
{
    return Cases::get(BottleLabels::class)->of(Cases::mix(Cases::body('1 L', $lines, 'final', $use)), new DateTimeImmutable($made, new DateTimeZone($zone)));
}

/**
 * @param  list<Message>  $messages
 * @return list<string>
 */
function words(array $messages): array
{
    return array_map(Cases::english()->say(...), $messages);
}

it('names what is in the bottle with its strength', function (array $lines, string $said): void {
    expect(implode('; ', words(labelled($lines)->contents)))->toContain($said);
})->with([
    // 10 mL of 33 g in 100 mL are 3.3 g in a litre.
    [[['liquid-castile-soap', '10 mL', '33 %']], '0.33 %'],
    // 200 mL of 70 % are 140 mL in a litre.
    [[['isopropyl-alcohol', '200 mL', '70 %']], '14 % by volume'],
    // 50 g of cloves in a litre.
    [[['garlic', '50 g']], '5 g of plant per 100 mL'],
]);

it('says until when it is good, over the change to winter time too', function (string $ingredient, string $amount, string $made, string $by): void {
    expect(labelled([[$ingredient, $amount]], made: $made)->useBy?->format('Y-m-d H:i'))->toBe($by);
})->with([
    ['milk', '100 mL', '2026-05-01 18:30', '2026-05-02 02:30'],
    ['garlic', '50 g', '2026-05-01 18:30', '2026-05-03 18:30'],
    // 25 October 2026 has twenty-five hours in Rome.
    ['milk', '100 mL', '2026-10-24 22:00', '2026-10-25 05:00'],
    ['liquid-castile-soap', '5 mL', '2026-05-01 08:00', '2026-05-22 08:00'],
]);

it('is to be used at once where nobody knows how long it keeps', function (): void {
    $label = labelled([['plant-ferment', '10 mL']]);
    expect($label->useBy)->toBeNull()->and(words([$label->keeps])[0])->toContain('Mix it for use');
});

it('bears the cautions of what is in it, and always that of children', function (array $lines, string $use, array $says): void {
    $cautions = implode(' ', words(labelled($lines, $use)->cautions));
    expect($cautions)->toContain('Keep from children');
    foreach ($says as $caution) {
        expect(mb_strtolower($cautions))->toContain($caution);
    }
})->with([
    'alcohol of 35 % burns' => [[['isopropyl-alcohol', '500 mL', '70 %']], 'wipe', ['flammable']],
    'vinegar of 15 % irritates' => [[['white-vinegar', '750 mL', '20 %']], 'weed', ['irrita']],
    'pepper goes into the eyes' => [[['hot-pepper', '50 g']], 'foliar', ['eye']],
    'plain soap says no more' => [[['liquid-castile-soap', '5 mL']], 'foliar', []],
]);

it('warns of nothing that is not there', function (): void {
    expect(labelled([['baking-soda', '5 g']])->cautions)->toHaveCount(2);
});

it('says what it is for', function (string $use, string $said): void {
    expect(words([labelled([['white-vinegar', '100 mL']], $use)->use])[0])->toContain($said);
})->with([['foliar', 'leaves'], ['drench', 'soil'], ['weed', 'kills what it touches'], ['disinfect', 'not for plants']]);
