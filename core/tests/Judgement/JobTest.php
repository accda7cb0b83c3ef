<?php

declare(strict_types=1);

use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\Effect\JobAssessor;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Judgement\Tolerance\TippingPoints;
use Nebbia\Core\Tests\Cases;

/**
 * @param  list<array{0: string, 1: string, 2?: string}>  $lines
 * @return array<string, string> substance => whether it pulls its weight
 */
function pulls(array $lines, string $use = 'foliar'): array
{
    $mix = Cases::judged(Cases::body('1 L', $lines, 'final', $use), 'grapevine');
    $found = [];
    foreach (Cases::get(JobAssessor::class)->assess($mix->situation) as $job) {
        $found[$job->substance] = $job->pull->value;
    }

    return $found;
}

it('asks of each ingredient whether it does anything', function (array $lines, string $use, array $found): void {
    expect(pulls($lines, $use))->toBe($found);
})->with([
    'soap that works' => [[['liquid-castile-soap', '1 %', '30 %']], 'foliar', ['potassium-soap' => 'pulls']],
    'soap that only holds the oil' => [[['neem-oil', '0.75 % v/v'], ['liquid-castile-soap', '0.15 %', '30 %']], 'foliar', ['neem-oil' => 'pulls', 'potassium-soap' => 'helps']],
    // M2: 5 % of oil wants 0.15 % of soap at the least
    'soap that holds too little of the oil' => [[['vegetable-oil', '5 % v/v'], ['dish-detergent', '0.04 % w/v', '20 %']], 'foliar', ['vegetable-oil' => 'over', 'detergent' => 'weak']],
    'sugar along for the ride' => [[['liquid-castile-soap', '1 %', '30 %'], ['sugar', '5 g']], 'foliar', ['potassium-soap' => 'pulls', 'sugar' => 'idle']],
    'two that work against each other' => [[['liquid-castile-soap', '1 %', '30 %'], ['white-vinegar', '20 mL', '5 %']], 'foliar', ['potassium-soap' => 'against', 'acetic-acid' => 'against']],
    'too little' => [[['baking-soda', '1 g']], 'foliar', ['sodium-bicarbonate' => 'weak']],
    'more than needed' => [[['hydrogen-peroxide', '0.8 %', '3 %']], 'foliar', ['hydrogen-peroxide' => 'over']],
    'nobody knows from where' => [[['plant-ferment', '2 mL']], 'foliar', ['plant-ferment' => 'unknown']],
    'salt has no work on leaves' => [[['table-salt', '0.5 g']], 'foliar', ['sodium-chloride' => 'idle']],
    'alcohol on blades' => [[['isopropyl-alcohol', '720 mL', '91 %']], 'disinfect', ['isopropanol' => 'pulls']],
    'thin alcohol on blades' => [[['isopropyl-alcohol', '300 mL', '91 %']], 'disinfect', ['isopropanol' => 'weak']],
    'vinegar for weeds' => [[['white-vinegar', '6 %', '10 %']], 'weed', ['acetic-acid' => 'pulls']],
]);

it('has words for every job and every standing', function (): void {
    $english = Cases::english();
    foreach (Cases::table('jobs')->rows() as $row) {
        foreach (['leaves', 'weed', 'drench', 'disinfect', 'wipe'] as $place) {
            expect(! $row->has($place) || $english->has('job.'.$row->string($place)))->toBeTrue($row->string('substance')." $place");
        }
    }
});

it('finds where a mix tips over', function (array $lines, ?float $works, float $careful, float $stop): void {
    $situation = Cases::judged(Cases::body('1 L', $lines, 'final'), 'grapevine', new Nebbia\Core\Judgement\Circumstances(water: Nebbia\Core\Chemistry\Water::pure()))->situation;
    $tipping = Cases::get(TippingPoints::class)->of($situation);
    expect($tipping?->works)->{$works === null ? 'toBeNull' : 'toEqualWithDelta'}(...($works === null ? [] : [$works, 1e-6]))
        ->and($tipping?->careful)->toEqualWithDelta($careful, 1e-6)->and($tipping?->stop)->toEqualWithDelta($stop, 1e-6);
})->with([
    // 1 %: works from 0.5, careful from 1.5, stop at 3
    'soap' => [[['liquid-castile-soap', '1 %', '30 %']], 0.5, 1.5, 3.0],
    // burden 0.5/1 + 0.15/1.5 = 0.6; towards stop 0.5/2 + 0.15/3 = 0.3, so 1/0.3; potassium bicarbonate works from 0.25
    'two' => [[['potassium-bicarbonate', '0.5 %'], ['liquid-castile-soap', '0.15 %', '30 %']], 0.5, 1 / 0.6, 1 / 0.3],
]);

it('has no tipping point where leaves are not what it is for', function (): void {
    expect(Cases::get(TippingPoints::class)->of(Situation::of(Cases::mix(Cases::body('1 L', [['white-vinegar', '6 %', '10 %']], 'final', 'weed')))))->toBeNull();
});

it('knows that hard water takes as much of a stronger soap as of a weaker', function (float $soap, float $hardness, ?float $acid): void {
    $at = static fn (float $k): Situation => Cases::judged(
        Cases::body('1 L', [['liquid-castile-soap', round($soap * $k, 9).' % w/v', '33 %'], ...$acid === null ? [] : [['citric-acid', round($acid * $k, 9).' % w/v']]], 'final'),
        'grapevine',
        new Circumstances(water: Water::measured($hardness, 0.0)),
    )->situation;
    $tipping = Cases::get(TippingPoints::class)->of($at(1.0));
    // Made stronger by that factor, what is left of the soap is the 0.5 % from which it works.
    $then = $at((float) $tipping?->works);
    $left = $then->aftermath?->left['potassium-soap']->likely ?? $then->mix->strengthOf('potassium-soap')?->percentWv->likely;
    expect($left)->toEqualWithDelta(0.5, 0.0025)->and($tipping?->works)->toBeLessThan(($soap < 0.2 ? 4.0 : 3.0) + ($acid === null ? 0.0 : 3.0));
})->with([
    // 150 mg/L of lime are 1.5 mmol/L, which take 3 mmol/L of soap: some 0.1 %. (0.5 + 0.1)/0.164 = 3.6
    'weak soap in hard water' => [0.164, 150.0, null],
    'in soft water' => [0.164, 30.0, null],
    'half of what works' => [0.25, 200.0, null],
    'with an acid that takes some, too' => [0.3, 100.0, 0.01],
]);

it('says of what is to disinfect from where it does', function (array $line, string $says): void {
    $mix = Cases::judged(Cases::body('1 L', [$line], 'final', 'disinfect'));
    $jobs = Cases::get(JobAssessor::class)->assess($mix->situation);
    expect(Cases::english()->say($jobs[0]->said))->toBe($says);
})->with([
    // 100 mL in a litre: a tenth of 5 %, which is 0.5; of bottles from 2.5 % on it may be 0.25.
    'bleach of which it is not said how strong' => [['bleach', '100 mL'], 'Perhaps too weak: it may be as little as 0.25 %, and it works from 0.5.'],
    'bleach that is thin' => [['bleach', '20 mL', '5 %'], 'Too weak for that: 0.1 % to work with, and it works from 0.5.'],
    'alcohol' => [['isopropyl-alcohol', '300 mL', '91 %'], 'Too weak for that: 27 % to work with, and it works from 60.'],
    'alcohol that does' => [['isopropyl-alcohol', '720 mL', '91 %'], 'Strong enough for that.'],
]);
