<?php

declare(strict_types=1);

use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Making\Soap\Soap;
use Nebbia\Core\Making\Soap\SoapFindings;
use Nebbia\Core\Making\Soap\SoapMaker;
use Nebbia\Core\Making\Soap\SoapReader;
use Nebbia\Core\Making\Soap\SoapSteps;
use Nebbia\Core\Making\Soap\SoapVerdict;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Shelf\State;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Chance;
use Nebbia\Core\Tests\Jar;

/** @param  list<array{string, string}>  $oils */
function cooked(array $oils, string $alkali = 'KOH', ?string $purity = '90', ?string $superfat = null, ?string $mass = null, ?string $storage = null, ?string $vessel = null): Soap
{
    return Cases::get(SoapMaker::class)->make(Cases::get(SoapReader::class)->read($oils, $alkali, $purity, $superfat, $mass, UnitSystem::Metric, $storage, $vessel));
}

/** @return array<string, Severity> key => severity */
function soapSays(Soap $soap, ?Water $water = null): array
{
    $said = [];
    foreach (Cases::get(SoapFindings::class)->of($soap, $water) as $finding) {
        $said[str_replace('.what', '', $finding->what->key)] = $finding->severity;
    }

    return $said;
}

it('keeps the balance in any soap', function (): void {
    $chance = new Chance(21);
    $oils = ['sunflower', 'olive', 'rapeseed', 'coconut', 'castor', 'lard', 'soybean'];
    for ($n = 0; $n < 60; $n++) {
        $some = [];
        for ($i = $chance->whole(1, 3); $i > 0; $i--) {
            $some[$oils[$chance->whole(0, count($oils) - 1)]] = round($chance->between(50.0, 1500.0), 1);
        }
        $alkali = ['KOH', 'NaOH', 'KOH:60,NaOH:40'][$chance->whole(0, 2)];
        $given = $chance->whole(0, 1) === 1 ? round(array_sum($some) * $chance->between(0.1, 0.35), 1).' g' : null;
        $soap = cooked(array_map(static fn (string $oil): array => [$oil, "$some[$oil] g"], array_keys($some)), $alkali, null, (string) $chance->whole(0, 9), $given);
        $in = array_sum($some) + $soap->pureG;
        $out = $soap->soap->likely + $soap->glycerolG + $soap->waterG + $soap->oilLeft->likely + $soap->alkaliLeft->likely;
        expect($out)->toEqualWithDelta($in, 1e-6 * $in)
            ->and(min($soap->oilLeft->likely, $soap->alkaliLeft->likely))->toEqualWithDelta(0.0, 1e-9)
            ->and($soap->superfat->low)->toBeLessThanOrEqual($soap->superfat->likely)->and($soap->superfat->high)->toBeGreaterThanOrEqual($soap->superfat->likely);
    }
});

it('has less oil left the more alkali there is', function (): void {
    $before = INF;
    for ($grams = 60; $grams <= 160; $grams += 5) {
        $soap = cooked([['sunflower', '500 g']], mass: "$grams g");
        expect($soap->superfat->likely)->toBeLessThan($before);
        $before = $soap->superfat->likely;
    }
});

// 500 g of sunflower oil take 95 g of pure potash (0.182 to 0.194 for each g: 91 to 97), 105.56 g at 90 %.
it('refuses, doubts, and is sure, at the mass where each begins', function (string $mass, SoapVerdict $verdict): void {
    expect(cooked([['sunflower', '500 g']], mass: $mass)->verdict)->toBe($verdict);
})->with([
    'more than the likely need' => ['106 g', SoapVerdict::Refused],
    'far more' => ['170 g', SoapVerdict::Refused],
    // 91 g of need at the least: 101.1 g at 90 %.
    'within the bounds' => ['103 g', SoapVerdict::Possible],
    // 100 g leave 5.3 % of the likely need, 95 g 10 %, 60 g 43 %: a liquid soap holds about 8.
    'as planned' => ['101 g', SoapVerdict::Sound],
    'a little more oil' => ['98 g', SoapVerdict::Sound],
    'more than it holds' => ['95 g', SoapVerdict::Rich],
    'nearly half of it' => ['60 g', SoapVerdict::Rich],
]);

it('never calls ready what may hold free alkali', function (): void {
    $chance = new Chance(22);
    for ($n = 0; $n < 80; $n++) {
        $grams = round($chance->between(70.0, 140.0), 1);
        $plan = ['oils' => ['sunflower' => '500 g'], 'alkali' => 'KOH', 'purity' => '90', 'alkali_mass' => "$grams g"];
        $jar = fn (?array $test): State => Jar::soaps()->jar(
            ['id' => 'soap', 'kind' => 'potash-soap', 'soap' => $plan] + ($test === null ? [] : ['test' => $test]),
            new DateTimeImmutable('2026-05-01T08:00Z'), new DateTimeImmutable('2026-05-03T08:00Z'), new DateTimeImmutable('2026-05-04T08:00Z'),
        )->state;
        expect($jar(null)->isFitForUse())->toBeFalse("$grams g")
            ->and($jar(['clear' => true, 'ph' => 10.6])->isFitForUse())->toBeFalse()
            ->and($jar(['clear' => false, 'ph' => 9.5])->isFitForUse())->toBeFalse();
        if (cooked([['sunflower', '500 g']], mass: "$grams g")->verdict === SoapVerdict::Refused) {
            expect($jar(['clear' => true, 'ph' => 9.5])->isFitForUse())->toBeFalse("$grams g, tested");
        }
    }
});

it('says what is to be minded', function (Soap $soap, string $key, ?Severity $severity): void {
    expect(soapSays($soap)[$key] ?? null)->toBe($severity);
})->with([
    'too much' => [fn () => cooked([['sunflower', '500 g']], mass: '130 g'), 'soap.free-alkali', Severity::Stop],
    'perhaps too much' => [fn () => cooked([['sunflower', '500 g']], superfat: '3'), 'soap.perhaps-alkali', Severity::Caution],
    'certainly not' => [fn () => cooked([['sunflower', '500 g']], superfat: '7'), 'soap.test-first', Severity::Notice],
    'oil that floats up' => [fn () => cooked([['sunflower', '500 g']], superfat: '12'), 'soap.separates', Severity::Notice],
    'lye' => [fn () => cooked([['olive', '500 g']], 'NaOH', '98'), 'soap.sodium', Severity::Notice],
    'little lye' => [fn () => cooked([['olive', '500 g']], 'KOH:80,NaOH:20', null), 'soap.sodium', null],
    'a wax' => [fn () => cooked([['olive', '500 g'], ['beeswax', '20 g']]), 'soap.wax', Severity::Caution],
    'purity not written' => [fn () => cooked([['olive', '500 g']], purity: null), 'soap.purity-unknown', Severity::Notice],
    'purity written' => [fn () => cooked([['olive', '500 g']]), 'soap.purity-unknown', null],
    'a pot too small' => [fn () => cooked([['olive', '1 kg']], vessel: '1.5 L'), 'soap.pot', Severity::Caution],
    'a pot with room' => [fn () => cooked([['olive', '1 kg']], vessel: '6 L'), 'soap.pot', null],
]);

it('says what hard water takes: 6.41 g of soap for each gram of lime', function (): void {
    $soap = cooked([['sunflower', '500 g']]);
    $finding = array_values(array_filter(Cases::get(SoapFindings::class)->of($soap, Water::measured(200.0, 100.0)), static fn (Finding $one): bool => str_contains($one->what->key, 'hard-water')))[0];
    // 0.2 g/L: 1.28 g, said to two figures
    expect(Cases::english()->sentence($finding->what))->toContain('1.3 g')
        ->and(soapSays($soap, Water::measured(80.0, 60.0)))->not->toHaveKey('soap.hard-water');
});

it('leads with the cautions, and never pours water onto alkali', function (): void {
    $steps = SoapSteps::of(cooked([['sunflower', '500 g']]), UnitSystem::Metric);
    $english = Cases::english();
    $said = array_map(static fn (array $one): string => $english->sentence($one[1]->what).' '.implode(' ', array_map($english->sentence(...), $one[1]->cautions)), $steps);
    expect($said[0])->toContain('Goggles')->toContain('Vinegar is for surfaces only')
        ->and(array_column($steps, 0))->toBe(array_values(array_column($steps, 0)))->and(max(array_column($steps, 0)))->toBe(3);
    $water = array_keys(array_filter($said, static fn (string $one): bool => str_contains($one, 'of cold water into')))[0];
    $alkali = array_keys(array_filter($said, static fn (string $one): bool => str_contains($one, 'Sprinkle the alkali into the water')))[0];
    expect($water)->toBeLessThan($alkali)->and($said[$alkali])->toContain('Never water onto alkali');
});

it('names the field that cannot be', function (array $with, string $field, string $mend): void {
    $with += ['oils' => [['sunflower', '500 g']], 'alkali' => 'KOH', 'purity' => null, 'superfat' => null, 'mass' => null, 'storage' => null, 'vessel' => null];
    try {
        cooked($with['oils'], $with['alkali'], $with['purity'], $with['superfat'], $with['mass'], $with['storage'], $with['vessel']);
    } catch (BadInput $e) {
        expect($e->field())->toBe($field)->and(Cases::english()->say($e->said))->toContain($mend);

        return;
    }
    throw new RuntimeException('nothing was refused');
})->with([
    'no oil' => [['oils' => []], 'oil', 'at least one oil'],
    'an unknown oil' => [['oils' => [['whale', '1 kg']]], 'oil', 'never guess'],
    'a misspelt oil' => [['oils' => [['sunflwer', '1 kg']]], 'oil', 'Did you mean'],
    'nothing but mineral oil' => [['oils' => [['mineral', '1 kg']]], 'oil', 'no alkali'],
    'a fat by volume' => [['oils' => [['lard', '500 mL']]], 'oil', 'weigh it'],
    'an oil in spoons of nothing' => [['oils' => [['sunflower', 'a lot']]], 'oil', ''],
    'another alkali' => [['alkali' => 'LiOH'], 'alkali', 'KOH'],
    'a purity above all' => [['purity' => '120'], 'purity', 'percent'],
    'a superfat of half' => [['superfat' => '80'], 'superfat', '3 and 5'],
    'an alkali by volume' => [['mass' => '100 mL'], 'alkali-mass', 'Weigh'],
    'a storage of nothing' => [['storage' => '0'], 'storage', '1 to 60'],
    'a pot in grams' => [['vessel' => '5 kg'], 'vessel', '5 L'],
]);

it('takes an alkali without a share as the rest of a blend', function (string $short, string $whole): void {
    $of = static fn (string $alkali): array => array_map(static fn (array $one): array => [$one[0]->id, round($one[0]->share, 9)], cooked([['olive', '500 g']], $alkali)->alkalis);
    expect($of($short))->toBe($of($whole));
})->with([['KOH:70,NaOH', 'KOH:70,NaOH:30'], ['KOH:62,5,NaOH', 'KOH:62.5,NaOH:37.5'], ['NaOH,KOH:90', 'NaOH:10,KOH:90'], ['KOH:62,5, NaOH:37,5', 'KOH:62.5,NaOH:37.5'], ['KOH', 'KOH:100']]);

it('refuses a blend whose rest is nothing or is not known', function (string $alkali): void {
    cooked([['olive', '500 g']], $alkali);
})->with(['KOH:100,NaOH', 'KOH:120,NaOH', 'KOH,NaOH', 'KOH:,NaOH', 'KOH:much,NaOH'])->throws(BadInput::class, 'soap.alkali');

it('advises what it would call sound itself', function (string $mass, ?string $superfat): void {
    $soap = cooked([['sunflower', '500 g']], superfat: $superfat, mass: $mass === '' ? null : $mass);
    $first = Cases::get(SoapFindings::class)->of($soap)[0];
    // 95 g of need at 90 %: 105.56 g, less 4 %: 101.33 g.
    expect($first->instead->params['product'] ?? null)->toEqualWithDelta(101.33, 0.01)
        ->and(cooked([['sunflower', '500 g']], mass: '101.33 g')->verdict)->toBe(SoapVerdict::Sound);
})->with([['106 g', null], ['170 g', null], ['60 g', null], ['', '20'], ['', '43'], ['110 g', '10']]);

it('calls a soap sound, and no more, that is made as is advised, whatever is known of oil and alkali', function (): void {
    foreach (['sunflower', 'olive', 'coconut', 'canola'] as $oil) {
        foreach ([null, '90', '85-92', '99'] as $purity) {
            foreach (['4', '5', '6', '8'] as $superfat) {
                $said = soapSays(cooked([[$oil, '500 g']], purity: $purity, superfat: $superfat));
                expect($said['soap.test-first'] ?? null)->toBe(Severity::Notice, "$oil $purity $superfat")->and($said)->not->toHaveKeys(['soap.perhaps-alkali', 'soap.free-alkali', 'soap.separates']);
            }
        }
    }
});
