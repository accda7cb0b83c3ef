<?php

declare(strict_types=1);

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Instructions\Steps\StepPlanner;
use Nebbia\Core\Measure\Kitchen\Drops;
use Nebbia\Core\Measure\Tool\Kit;
use Nebbia\Core\Measure\Tool\Tool;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Mixing\Hazard\Hazards;
use Nebbia\Core\Mixing\Measuring\MixMeasurer;
use Nebbia\Core\Tests\Cases;

/**
 * @param  array<string, mixed>  $body
 * @return list<MixingStep>
 */
function stepsOf(array $body, ?Kit $kit = null): array
{
    $judged = Cases::judged($body);
    $work = MixingTask::of(
        $judged->mix, Vessel::of('Pump bottle', 2000.0, 0.85, null, 0.4), UnitSystem::Metric, Cases::get(Hazards::class),
        $kit === null ? null : new MixMeasurer(Cases::get(Drops::class), $kit), $judged->findings,
    );

    return Cases::get(StepPlanner::class)->plan($work);
}

/** @param  list<MixingStep>  $steps */
function toldOf(array $steps): string
{
    $catalogue = Cases::english();
    $say = static fn (?Message $message): string => $message === null ? '' : $catalogue->say($message);

    return implode("\n", array_map(static fn (MixingStep $step): string => $step->kind.': '.$say($step->what).' '.$say($step->how).' '.implode(' ', array_map($say, $step->cautions)), $steps));
}

/**
 * @param  list<MixingStep>  $steps
 * @return list<list<int>>
 */
function orderOf(array $steps): array
{
    return array_values(array_filter(array_map(static fn (MixingStep $step): array => $step->kind === 'crush' ? [] : $step->lines, $steps)));
}

it('goes from protection to the label, in the order of the rules', function (): void {
    $steps = stepsOf(Cases::body('1 L', [['garlic', '6 cloves'], ['liquid-castile-soap', '5 mL', '33 %']], units: 'metric'));
    expect(array_map(static fn (MixingStep $step): string => $step->kind, $steps))
        ->toBe(['protect', 'crush', 'rest', 'steep', 'strain', 'base', 'extract', 'pour', 'level', 'mix', 'label', 'use', 'clean'])
        ->and($steps[2]->timer?->minutes->likely)->toEqual(10.0)
        ->and($steps[3]->timer?->minutes->likely)->toEqual(720.0)
        ->and(toldOf($steps))->toContain('finer than the 0.4 mm of Pump bottle');
});

it('pours in the order that chemistry asks for', function (array $lines, array $order): void {
    expect(orderOf(stepsOf(Cases::body('1 L', $lines, units: 'metric'))))->toBe($order);
})->with([
    'salt before soap, alcohol last' => [[['isopropyl-alcohol', '50 mL', '70 %'], ['liquid-castile-soap', '10 mL', '33 %'], ['baking-soda', '5 g']], [[2], [1], [0]]],
    'soap before oil, as its emulsifier' => [[['vegetable-oil', '10 mL'], ['liquid-castile-soap', '10 mL', '33 %']], [[1], [0]]],
    'soap last without oil' => [[['liquid-castile-soap', '10 mL', '33 %'], ['milk', '100 mL']], [[1], [0]]],
    'extracts together' => [[['garlic', '3 cloves'], ['dish-detergent', '1 mL', '20 %'], ['onion', '1 onion']], [[0, 2], [1]]],
]);

it('puts into the vessel exactly what the mix holds', function (array $body): void {
    $kit = Kit::of([Tool::graduated('syringe', 'syringe', 10.0, 0.2), Tool::graduated('jug', 'jug', 500.0, 5.0), Tool::scale('scale', 'scale', 5000.0, 1.0)]);
    foreach ([null, $kit] as $tools) {
        $poured = array_sum(array_map(static fn (MixingStep $step): float => $step->pouredMl, stepsOf($body, $tools)));
        $final = Cases::mix($body)->finalVolume->likely;
        // A stock is read to its marks: a fraction of a mL may be off.
        expect($poured)->toEqualWithDelta($final, 0.002 * $final);
    }
})->with([
    [Cases::body('1 L', [['liquid-castile-soap', '20 mL', '33 %']], units: 'metric')],
    [Cases::body('1.5 L', [['baking-soda', '8 g'], ['vegetable-oil', '15 mL'], ['liquid-castile-soap', '0.8 mL', '33 %']], 'final', units: 'metric')],
    [Cases::body('1.5 L', [['garlic', '6 cloves'], ['hot-pepper', '1 chilli'], ['aspirin-tablet', '1 tablet']], 'final', units: 'metric')],
    [Cases::body('100 mL', [['baking-soda', '1 g'], ['potassium-bicarbonate', '1 g']], units: 'metric')],
    [Cases::body('5 L', [], liquid: 'white-vinegar', liquidStrength: '20 %', use: 'weed', units: 'metric')],
]);

it('leads with what must not be, and gives cautions where the bottle is opened', function (): void {
    $steps = stepsOf(Cases::body('1 L', [['hydrogen-peroxide', '100 mL', '3 %'], ['white-vinegar', '100 mL', '10 %']], units: 'metric'));
    expect($steps[0]->kind)->toBe('stop')->and(toldOf([$steps[0]]))->toContain('peroxide and vinegar');
    $lye = toldOf(stepsOf(Cases::body('1 L', [['lye', '5 g']], units: 'metric')));
    expect($lye)->toContain('never water onto it')->toContain('goggles on, gloves on, fresh air');
});

it('thins a dose that the tools cannot measure, before anything is poured', function (): void {
    $kit = Kit::of([Tool::graduated('syringe', 'syringe', 10.0, 0.2), Tool::graduated('jug', 'jug', 500.0, 5.0)]);
    $steps = stepsOf(Cases::body('1.5 L', [['liquid-castile-soap', '0.3 mL', '33 %']], 'final', units: 'metric'), $kit);
    $kinds = array_map(static fn (MixingStep $step): string => $step->kind, $steps);
    expect($kinds[0])->toBe('thin')->and(toldOf($steps))->toContain('thin stock of liquid castile soap');
});

it('asks for more water where a cup would not dissolve it, and says where none would', function (): void {
    // 60 g of baking soda at 9.6 g in 100 mL, stirred by hand to four fifths of that: 781 mL, said as 780.
    expect(toldOf(stepsOf(Cases::body('1.5 L', [['baking-soda', '60 g']], units: 'metric'))))->toContain('780 mL');
    expect(toldOf(stepsOf(Cases::body('500 mL', [['baking-soda', '60 g']], units: 'metric'))))->toContain('not all of it will dissolve');
});

it('says how to use it', function (string $use, array $lines, string $says): void {
    expect(toldOf(stepsOf(Cases::body('1 L', $lines, use: $use, units: 'metric'))))->toContain($says);
})->with([
    ['disinfect', [['bleach', '100 mL', '5.5 %']], '10 min, rinse'],
    ['foliar', [['neem-oil', '5 mL'], ['liquid-castile-soap', '3 mL', '33 %']], 'Shake every minute'],
    ['drench', [['plant-ferment', '1:500']], 'moist soil'],
    ['dip', [['liquid-castile-soap', '10 mL', '33 %']], 'Dip'],
]);
