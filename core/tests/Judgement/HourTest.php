<?php

declare(strict_types=1);

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Weather\Hour;
use Nebbia\Core\Weather\PartOfDay;

/** A spray of each kind, weak enough that nothing else is grave: recipe lines, use. */
const SPRAYS = [
    'soap' => [[['liquid-castile-soap', '0.6 %', '30 %']], 'foliar'],
    'oil' => [[['mineral-oil', '0.6 % v/v'], ['liquid-castile-soap', '0.1 %', '30 %']], 'foliar'],
    'bicarbonate' => [[['potassium-bicarbonate', '0.4 %']], 'foliar'],
    'peroxide' => [[['hydrogen-peroxide', '0.15 %', '3 %']], 'foliar'],
    'alcohol' => [[['isopropyl-alcohol', '5 % v/v', '70 %']], 'foliar'],
    'extract' => [[['garlic', '20 g']], 'foliar'],
    'milk' => [[['milk', '12 % v/v']], 'foliar'],
    'aspirin' => [[['aspirin-tablet', '60 ppm']], 'foliar'],
    'ash' => [[['wood-ash', '5 g']], 'foliar'],
    'weed-vinegar' => [[['white-vinegar', '5 %', '10 %']], 'weed'],
];

/** @return array<string, string> what the hour is blamed for => severity */
function blamed(string $spray, Hour $hour, bool $indoors = false): array
{
    [$lines, $use] = SPRAYS[$spray];
    $found = [];
    foreach (Cases::judged(Cases::body('1 L', $lines, 'final', $use), 'rubber-plant', new Circumstances(hour: $hour, indoors: $indoors))->findings as $finding) {
        if ($finding->rule === 'hour') {
            $found[substr($finding->what->key, 5, -5)] = $finding->severity->value;
        }
    }
    ksort($found);

    return $found;
}

it('finds the wet-bulb temperature of the published check', function (): void {
    // Stull: 20 °C and 50 % give 13.70 °C
    expect(Hour::of(20.0, 50.0)->deltaT)->toEqualWithDelta(6.30, 0.01)->and(Hour::of(20.0)->deltaT)->toBeNull();
});

it('keeps to the temperatures of the table', function (string $spray, float $coldest, float $hottest): void {
    expect(blamed($spray, Hour::of($coldest - 0.5)))->toHaveKey('too-cold')->and(blamed($spray, Hour::of($coldest + 0.1)))->not->toHaveKey('too-cold')
        ->and(blamed($spray, Hour::of($hottest)))->not->toHaveKey('too-hot')->and(blamed($spray, Hour::of($hottest + 0.5)))->toHaveKey('too-hot');
})->with([['soap', 5.0, 29.0], ['oil', 7.0, 29.0], ['bicarbonate', 8.0, 28.0], ['peroxide', 5.0, 27.0], ['alcohol', 5.0, 26.0], ['extract', 8.0, 28.0], ['milk', 15.0, 30.0], ['aspirin', 10.0, 27.0], ['ash', 5.0, 25.0], ['weed-vinegar', 18.0, 32.0]]);

it('stops soap from 32 °C', function (): void {
    expect(blamed('soap', Hour::of(31.9))['too-hot'])->toBe('caution')->and(blamed('soap', Hour::of(32.0))['too-hot'])->toBe('stop');
});

it('asks for as many dry hours as the table, and for no more wind', function (string $spray, float $dry, float $wind): void {
    expect(blamed($spray, Hour::of(20.0, rainIn: $dry - 0.5))['rain'] ?? null)->toBe('caution')->and(blamed($spray, Hour::of(20.0, rainIn: $dry)))->not->toHaveKey('rain')
        ->and(blamed($spray, Hour::of(20.0, wind: $wind + 1.0))['windy'] ?? null)->toBe('caution')->and(blamed($spray, Hour::of(20.0, wind: $wind)))->not->toHaveKey('windy')
        // Indoors neither counts.
        ->and(blamed($spray, Hour::of(20.0, wind: 60.0, rainIn: 0.0), indoors: true))->not->toHaveKeys(['rain', 'windy']);
})->with([['soap', 4.0, 15.0], ['oil', 12.0, 15.0], ['bicarbonate', 24.0, 15.0], ['peroxide', 1.0, 15.0], ['alcohol', 1.0, 12.0], ['extract', 12.0, 15.0], ['milk', 24.0, 15.0], ['aspirin', 12.0, 15.0], ['ash', 24.0, 8.0], ['weed-vinegar', 6.0, 10.0]]);

it('minds bees at open flowers by what it does to them', function (string $spray, ?string $severity): void {
    expect(blamed($spray, Hour::of(20.0, beesAbout: true))['bees'] ?? null)->toBe($severity)->and(blamed($spray, Hour::of(20.0, beesAbout: true), indoors: true))->not->toHaveKey('bees');
})->with([['soap', 'stop'], ['oil', 'stop'], ['alcohol', 'stop'], ['peroxide', 'caution'], ['extract', 'caution'], ['milk', null], ['bicarbonate', null]]);

it('wants sun for milk and weeds, and none for the rest', function (): void {
    expect(blamed('milk', Hour::of(20.0)))->toHaveKey('no-sun')->and(blamed('milk', Hour::of(20.0, sunSoon: true)))->not->toHaveKey('sun')
        ->and(blamed('soap', Hour::of(20.0, sunSoon: true)))->toHaveKey('sun')->and(blamed('alcohol', Hour::of(20.0, sunSoon: true)))->toHaveKey('sun-never')
        ->and(blamed('weed-vinegar', Hour::of(22.0)))->toHaveKey('no-sun');
});

it('says at what time of day it does better', function (string $spray, string $best, string $worse): void {
    expect(blamed($spray, Hour::of(20.0, sunSoon: $spray === 'milk' || $spray === 'weed-vinegar', part: PartOfDay::from($best))))->not->toHaveKey('time')
        ->and(blamed($spray, Hour::of(20.0, part: PartOfDay::from($worse)))['time'] ?? null)->toBe('notice');
})->with([['soap', 'dawn', 'midday'], ['soap', 'dusk', 'afternoon'], ['oil', 'dusk', 'morning'], ['bicarbonate', 'morning', 'dusk'], ['peroxide', 'dusk', 'midday'], ['extract', 'dusk', 'morning'], ['milk', 'morning', 'night'], ['aspirin', 'dawn', 'afternoon'], ['weed-vinegar', 'midday', 'dusk']]);

it('calls damp, dry and thirsty air poor, not forbidden', function (): void {
    expect(blamed('soap', Hour::of(18.0, 90.0)))->toBe(['damp' => 'notice'])->and(blamed('soap', Hour::of(18.0, 35.0)))->toBe(['dry' => 'notice'])
        // 28 °C at 30 %: Tw 16.9, Delta-T 11
        ->and(blamed('bicarbonate', Hour::of(28.0, 30.0)))->toHaveKey('drying-fast')
        ->and(blamed('soap', Hour::of(18.0, 60.0, 6.0, 12.0)))->toBe([])
        ->and(blamed('weed-vinegar', Hour::of(22.0, 50.0, 1.0, null, true)))->toBe(['still' => 'notice']);
});

it('says of one matter only the gravest that any substance has to say', function (): void {
    // soap to 29, mineral oil to 29, too: one finding for the heat
    $findings = array_filter(Cases::judged(Cases::body('1 L', SPRAYS['oil'][0], 'final'), 'rubber-plant', new Circumstances(hour: Hour::of(30.0)))->findings, static fn (Finding $one): bool => $one->what->key === 'hour.too-hot.what');
    expect($findings)->toHaveCount(1);
});

it('says which figure of the hour is none', function (array $hour, string $field): void {
    expect(Cases::complaint(fn () => Hour::of(...$hour))[0])->toBe($field);
})->with([[[99.0], 'temperature'], [[20.0, 120.0], 'humidity'], [[20.0, 50.0, -1.0], 'wind'], [[20.0, 50.0, 5.0, 1000.0], 'rain_in'], [[NAN], 'temperature']]);
