<?php

declare(strict_types=1);

use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\Headline;
use Nebbia\Core\Judgement\JudgedMix;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Judgement\Tolerance\Gauge;
use Nebbia\Core\Judgement\Tolerance\Gauges;
use Nebbia\Core\Tests\Cases;

/**
 * @param  array<string, mixed>  $body
 * @return list<Gauge>
 */
function gauges(array $body, ?string $plant = null): array
{
    return Cases::get(Gauges::class)->of(Situation::of(Cases::mix($body), $plant === null ? null : Cases::plant($plant)));
}

/** @param  array<string, mixed>  $body */
function headline(array $body, ?string $plant = null): string
{
    return Cases::english()->sentence(Headline::of(Cases::judged($body, $plant))->what);
}

it('stands each strength beside what this plant bears, in the unit that is said in', function (): void {
    [$alcohol, $soap, $aspirin, $garlic] = gauges(Cases::body('1 L', [['isopropyl-alcohol', '6 % v/v', '70 %'], ['liquid-castile-soap', '0.9 % w/v', '30 %'], ['aspirin-tablet', '0.1 g'], ['garlic', '20 g']], 'final'), 'jade-plant');
    expect([$alcohol->unit, $alcohol->careful, $alcohol->stop, $alcohol->group->value])->toBe(['% v/v', 5.0, 20.0, 'sensitive'])
        ->and($alcohol->strength->likely)->toEqualWithDelta(6.0, 1e-9)->and($alcohol->verdict?->severity())->toBe(Severity::Caution)
        ->and([$soap->careful, $soap->stop, $soap->works])->toBe([0.6, 1.5, [0.5, 2.0]])
        // 100 mg in a litre, against an ordinary plant's 200 and 400
        ->and($aspirin->unit)->toBe('mg/L')->and($aspirin->strength->likely)->toEqualWithDelta(100.0, 1e-9)->and($aspirin->careful)->toBe(200.0)
        ->and($garlic->unit)->toBe('g/100 mL')->and($garlic->strength->likely)->toEqualWithDelta(2.0, 1e-9);
    // Shares of the burden: 6 / 5, 0.9 / 0.6, 100 / 200, 2 / 8; soap with alcohol counts 1.25 times.
    $shares = array_map(fn (Gauge $gauge): float => $gauge->share ?? NAN, [$alcohol, $soap, $aspirin, $garlic]);
    foreach ([1.2, 1.5, 0.5, 0.25] as $n => $expected) {
        expect($shares[$n])->toEqualWithDelta($expected, 1e-9);
    }
    $situation = Situation::of(Cases::mix(Cases::body('1 L', [['isopropyl-alcohol', '6 % v/v', '70 %'], ['liquid-castile-soap', '0.9 % w/v', '30 %'], ['aspirin-tablet', '0.1 g'], ['garlic', '20 g']], 'final')), Cases::plant('jade-plant'));
    expect(Cases::get(Gauges::class)->burden($situation)?->value)->toEqualWithDelta(1.25 * 3.45, 1e-9);
});

it('holds nothing against leaves that is not for leaves', function (string $use): void {
    [$gauge] = gauges(Cases::body('1 L', [['white-vinegar', '500 mL', '10 %']], 'final', $use), 'rose');
    expect($gauge->careful)->toBeNull()->and($gauge->stop)->toBeNull()->and($gauge->verdict)->toBeNull()->and($gauge->share)->toBeNull();
})->with(['weed', 'wipe', 'disinfect', 'drench']);

it('has no burden for one active alone, nor a limit where none is known', function (): void {
    [$soap] = gauges(Cases::body('1 L', [['liquid-castile-soap', '1 %', '33 %']], 'final'));
    [$sugar] = gauges(Cases::body('1 L', [['sugar', '5 g']], 'final'));
    expect($soap->share)->toBeNull()->and($sugar->careful)->toBeNull()->and($sugar->verdict)->toBeNull();
});

it('says in one sentence how a mix stands', function (array $lines, string $use, ?string $plant, string $says): void {
    expect(headline(Cases::body('1 L', $lines, 'final', $use), $plant))->toStartWith($says);
})->with([
    'all is well' => [[['liquid-castile-soap', '1 % w/v', '33 %']], 'foliar', 'broad-bean', 'Fine for broad bean.'],
    'one thing to know' => [[['liquid-castile-soap', '1 % w/v', '33 %']], 'foliar', 'tomato', 'Fine for tomato. One thing to know.'],
    'more to know' => [[['liquid-castile-soap', '0.6 % w/v', '21-45 %']], 'foliar', 'tomato', 'Fine for tomato. Two things to know.'],
    'of no use' => [[['liquid-castile-soap', '0.1 % w/v', '33 %']], 'foliar', 'tomato', 'This is water with a scent: nothing in it is strong enough to work.'],
    'careful' => [[['liquid-castile-soap', '1 % w/v', '33 %']], 'foliar', 'cherry', 'Potassium soap at 1 % is strong for cherry'],
    'the danger before the plant' => [[['bleach', '1 mL', '5 %'], ['white-vinegar', '1 mL', '5 %']], 'foliar', 'rose', 'Never mix bleach with acetic acid'],
    'it burns' => [[['baking-soda', '2 %']], 'foliar', 'rose', 'Sodium bicarbonate at 2 % will burn rose'],
    'only the upper end' => [[['dish-detergent', 'a squeeze']], 'foliar', 'broad-bean', 'Detergent (synthetic surfactant) is likely 0.08 %'],
    'tools' => [[['isopropyl-alcohol', '70 % v/v', '99 %']], 'disinfect', null, 'This is flammable'],
]);

it('takes the graver of two severities', function (): void {
    expect(Severity::Fine->orWorse(Severity::Caution))->toBe(Severity::Caution)->and(Severity::Stop->orWorse(Severity::Notice))->toBe(Severity::Stop)
        ->and(Severity::Notice->orWorse(Severity::Notice))->toBe(Severity::Notice);
});

it('takes the worst of several situations, of equal ones the first', function (): void {
    $body = Cases::body('1 L', [['liquid-castile-soap', '1.2 % w/v', '33 %']], 'final');
    // 1.2: below the 1.5 of an ordinary plant, above the 0.6 of a sensitive one
    [$rose, $fern, $jade] = array_map(static fn (string $plant): JudgedMix => Cases::judged($body, $plant), ['cabbage', 'maidenhair-fern', 'jade-plant']);
    expect($fern->worst()->rank())->toBeGreaterThan($rose->worst()->rank())
        ->and(JudgedMix::gravest([$rose, $fern, $jade]))->toBe($fern)->and(JudgedMix::gravest([$fern, $jade, $rose]))->toBe($fern)
        ->and(JudgedMix::gravest([$rose, $rose]))->toBe($rose)->and(JudgedMix::gravest([]))->toBeNull();
});
