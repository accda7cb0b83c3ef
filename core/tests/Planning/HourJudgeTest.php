<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Planning\Hour\HourJudge;
use Nebbia\Core\Planning\Hour\HourWord;
use Nebbia\Core\Planning\Hour\LookAfter;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\PartOfDay;
use Nebbia\Core\Weather\Place;

// In May at nine in the evening it is dusk there.
it('calls an hour by the same bounds as the judgement', function (string $remedy, array $weather, HourWord $word, ?string $because): void {
    $hour = hourOf($remedy, '2026-05-04 21:00', $weather);
    expect($hour->word)->toBe($word);
    if ($because !== null) {
        expect(against($hour))->toContain($because);
    }
})->with([
    'a good hour' => ['soap', [], HourWord::Fine, null],
    'at the coolest that is well' => ['soap', ['temp' => 10], HourWord::Fine, null],
    'cool' => ['soap', ['temp' => 9], HourWord::Poor, 'cool'],
    'too cold' => ['soap', ['temp' => 4.9], HourWord::No, 'too-cold'],
    'warm' => ['soap', ['temp' => 27, 'humidity' => 70], HourWord::Poor, 'warm'],
    'too hot' => ['soap', ['temp' => 29.1, 'humidity' => 70], HourWord::No, 'too-hot'],
    'as much wind as may be' => ['soap', ['wind' => 15], HourWord::Fine, null],
    'more' => ['soap', ['wind' => 15.1], HourWord::No, 'windy'],
    'damp' => ['soap', ['humidity' => 86], HourWord::Poor, 'damp'],
    'dry air' => ['soap', ['humidity' => 39], HourWord::Poor, 'dry'],
    'rain in it' => ['soap', ['rain' => 0.2], HourWord::No, 'rain'],
    'oil is not for a cold evening' => ['oil', ['temp' => 6.5], HourWord::No, 'too-cold'],
    'garlic in the heat' => ['garlic', ['temp' => 28.5], HourWord::No, 'too-hot'],
    'milk at dusk' => ['milk', [], HourWord::Poor, 'no-sun'],
]);

it('wants it dry for as long as the remedy needs', function (string $remedy, int $hours, HourWord $word): void {
    expect(hourOf($remedy, '2026-05-04 21:00', [], [$hours => ['rain' => 1.0]])->word)->toBe($word);
})->with([
    ['soap', 3, HourWord::No], ['soap', 4, HourWord::Fine], ['oil', 11, HourWord::No], ['oil', 12, HourWord::Fine], ['garlic', 11, HourWord::No], ['garlic', 12, HourWord::Fine],
]);

it('asks where the sun stands', function (string $at, array $weather, string $remedy, HourWord $word, ?string $because): void {
    $hour = hourOf($remedy, $at, $weather, array_fill_keys([1, 2], $weather));
    expect($hour->word)->toBe($word);
    if ($because !== null) {
        expect(against($hour))->toContain($because);
    }
})->with([
    'a clear morning' => ['2026-05-04 07:00', ['cloud' => 0.0], 'soap', HourWord::Poor, 'sun'],
    'an overcast morning is no dusk' => ['2026-05-04 09:00', ['cloud' => 100.0], 'soap', HourWord::Poor, 'time'],
    'milk in the sun of the morning' => ['2026-05-04 09:00', ['cloud' => 0.0], 'milk', HourWord::Fine, null],
    'milk under cloud' => ['2026-05-04 09:00', ['cloud' => 100.0], 'milk', HourWord::Poor, 'no-sun'],
]);

it('asks for bees where there are flowers, as long as they fly', function (string $at, array $weather, bool $inFlower, bool $isOut): void {
    $hour = hourOf('soap', $at, $weather, inFlower: $inFlower);
    expect(in_array('bees', against($hour), true))->toBe($isOut)->and($hour->word === HourWord::No)->toBe($isOut);
})->with([
    'by day' => ['2026-05-04 18:00', [], true, true],
    'no flowers' => ['2026-05-04 18:00', [], false, false],
    'after sunset' => ['2026-05-04 21:00', [], true, false],
    'too cold for them' => ['2026-05-04 18:00', ['temp' => 9.0], true, false],
    // Bicarbonate harms them little, but that is another remedy.
]);

it('does not ask for wind, rain or bees indoors', function (): void {
    $hour = hourOf('soap', '2026-05-04 21:00', ['wind' => 60.0, 'rain' => 5.0], indoors: true, inFlower: true);
    expect($hour->word)->toBe(HourWord::Fine);
});

it('knows the parts of a day', function (string $at, PartOfDay $part): void {
    $zone = new DateTimeZone('Europe/Rome');
    $judge = new HourJudge(Cases::get(SprayWindows::class), new Place(45.9, 9.3, $zone), Forecast::of([]));
    expect($judge->part((new DateTimeImmutable($at, $zone))->getTimestamp()))->toBe($part);
})->with([
    // Sunrise at six, noon by the sun at twenty past one, sunset at half past eight.
    ['2026-05-04 02:00', PartOfDay::Night], ['2026-05-04 06:00', PartOfDay::Dawn], ['2026-05-04 09:00', PartOfDay::Morning], ['2026-05-04 13:00', PartOfDay::Midday], ['2026-05-04 17:00', PartOfDay::Afternoon],
    ['2026-05-04 20:00', PartOfDay::Dusk], ['2026-05-04 23:00', PartOfDay::Night],
]);

it('says when to look: soon for what acts at once', function (array $substances, float $hours): void {
    expect(Cases::get(LookAfter::class)->hours($substances))->toBe($hours);
})->with([[['potassium-soap'], 48.0], [['hydrogen-peroxide'], 24.0], [['potassium-bicarbonate'], 96.0], [['milk', 'potassium-soap'], 48.0], [['nothing-known'], 48.0], [[], 48.0]]);

// Soap wants four dry hours. Watered on Saturdays at nine in the evening, over the leaves.
it('keeps clear of watering from above and minds feeding', function (array $care, string $at, HourWord $word, ?string $because): void {
    $hour = keptHour(['care' => $care], $at);
    expect($hour->word)->toBe($word);
    expect(against($hour))->toBe($because === null ? [] : [$because]);
})->with([
    'an hour before' => [['water_days' => ['sat'], 'water_at' => '21:00', 'from_above' => true], '2026-05-02 20:00', HourWord::No, 'watered'],
    'in it' => [['water_days' => ['sat'], 'water_at' => '21:00', 'from_above' => true], '2026-05-02 21:00', HourWord::No, 'watered'],
    'the hour after the leaves drip' => [['water_days' => ['sat'], 'water_at' => '21:00', 'from_above' => true], '2026-05-02 22:00', HourWord::No, 'watered'],
    'two hours after' => [['water_days' => ['sat'], 'water_at' => '21:00', 'from_above' => true], '2026-05-02 23:00', HourWord::Fine, null],
    'four hours before it is dry in time' => [['water_days' => ['sun'], 'water_at' => '01:00', 'from_above' => true], '2026-05-02 21:00', HourWord::Fine, null],
    'three hours before it is not' => [['water_days' => ['sun'], 'water_at' => '00:00', 'from_above' => true], '2026-05-02 21:00', HourWord::No, 'watered'],
    'on another day' => [['water_days' => ['wed'], 'water_at' => '21:00', 'from_above' => true], '2026-05-02 21:00', HourWord::Fine, null],
    'at the root' => [['water_days' => ['sat'], 'water_at' => '21:00'], '2026-05-02 21:00', HourWord::Fine, null],
    'fed that day' => [['feed_days' => ['sat']], '2026-05-02 21:00', HourWord::Poor, 'fed'],
    'fed the day before' => [['feed_days' => ['fri']], '2026-05-02 21:00', HourWord::Poor, 'fed'],
    'fed the day after' => [['feed_days' => ['sun']], '2026-05-02 21:00', HourWord::Fine, null],
]);

it('goes out for slugs when they do', function (): void {
    expect(against(keptHour(['target' => 'slug'], '2026-05-02 21:00')))->not->toContain('hidden')
        ->and(against(keptHour(['target' => 'slug'], '2026-05-02 15:00')))->toContain('hidden')
        ->and(against(keptHour(['target' => 'aphid'], '2026-05-02 15:00')))->not->toContain('hidden');
});

// Aspirin is taken up: in the morning as a rule, after dusk by what opens its pores at night. Soap only wets.
it('waits for the pores of night-breathing plants where it is taken up', function (string $recipe, string $plant, string $at, bool $isTime): void {
    expect(in_array('time', against(keptHour(['recipe' => $recipe, 'plant' => $plant], $at)), true))->toBe(! $isTime);
})->with([
    ['aspirin', 'broad-bean', '2026-05-02 08:00', true],
    ['aspirin', 'broad-bean', '2026-05-02 21:00', false],
    ['aspirin', 'moth-orchid', '2026-05-02 08:00', false],
    ['aspirin', 'moth-orchid', '2026-05-02 21:00', true],
    ['soap', 'moth-orchid', '2026-05-02 21:00', true],
    ['soap', 'moth-orchid', '2026-05-02 10:00', false],
]);

it('calls an hour poor while the leaves are wet', function (): void {
    $hour = hourOf('bicarbonate', '2026-05-04 08:00', [], [-1 => ['rain' => 3.0]]);
    expect($hour->word)->toBe(HourWord::Poor)->and(against($hour))->toContain('wet-leaf')
        ->and(against(hourOf('bicarbonate', '2026-05-04 08:00', [], [-1 => ['rain' => 3.0]], indoors: true)))->not->toContain('wet-leaf');
});

it('spares plants for a week after they were moved', function (string $moved, bool $isSettling): void {
    $hour = keptHour(['moved' => $moved], '2026-05-02 21:00');
    expect(against($hour))->toBe($isSettling ? ['settling'] : [])->and($hour->word)->toBe($isSettling ? HourWord::Poor : HourWord::Fine);
})->with([['2026-05-01', true], ['2026-04-26', true], ['2026-04-25', false], ['2026-03-01', false]]);
