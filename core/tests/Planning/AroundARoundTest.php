<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\Care\Waits;
use Nebbia\Core\Judgement\Compatibility\Spacing;
use Nebbia\Core\Making\StockBatch;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Planning\Hour\HarvestTime;
use Nebbia\Core\Planning\Round\MakeAhead;
use Nebbia\Core\Planning\Round\Planner;
use Nebbia\Core\Planning\Round\RoundWords;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Weather\WeatherUnits;

it('says what is to be made ahead, from each round backwards', function (): void {
    $plan = Cases::get(Planner::class)->plan([courseOf(['recipe' => 'garlic', 'free' => [[], 20, 21]])], skyOf([]))['one'];
    $now = new DateTimeImmutable('2026-05-01T08:00:00+02:00');
    $batches = Cases::get(MakeAhead::class)->of($plan, $now);
    // Two days in the cold are less than seven: one making for each of three rounds, half a day before eight in the evening.
    expect(array_map(static fn (StockBatch $batch): string => $batch->startAt->setTimezone(new DateTimeZone('Europe/Rome'))->format('m-d H:i'), $batches))->toBe(['05-02 08:00', '05-09 08:00', '05-16 08:00']);
    foreach ($batches as $batch) {
        // 200 mL, of which the cloth gives back 75 % at the least.
        expect($batch->wantedMl)->toEqualWithDelta(200.0, 1e-6)->and($batch->liquidMl)->toEqualWithDelta(200.0 / 0.75, 1e-6)->and($batch->isLate)->toBeFalse();
    }
    expect(Cases::get(MakeAhead::class)->of($plan, new DateTimeImmutable('2026-05-02T12:00:00+02:00'))[0]->isLate)->toBeTrue()
        ->and(Cases::get(MakeAhead::class)->of(Cases::get(Planner::class)->plan([courseOf([])], skyOf([]))['one'], $now))->toBe([]);
});

it('keeps days between what must not follow each other, whichever comes first', function (string $one, string $other, float $days): void {
    $spacing = Cases::get(Spacing::class);
    $mix = static fn (string $remedy) => courseOf(['recipe' => $remedy])->mixes[0];
    expect($spacing->between($mix($one), $mix($other)))->toBe($days)->and($spacing->between($mix($other), $mix($one)))->toBe($days);
})->with([['oil', 'sulfur', 14.0], ['soap', 'sulfur', 3.0], ['soap', 'oil', 0.0], ['garlic', 'soap', 0.0]]);

it('waits with the harvest for as long as the slowest of them wants', function (string $remedy, float $days): void {
    expect(Cases::get(Waits::class)->days(courseOf(['recipe' => $remedy])->mixes[0]))->toBe($days);
})->with([['soap', 1.0], ['garlic', 3.0], ['sulfur', 7.0], ['bicarbonate', 1.0], ['milk', 1.0]]);

it('leaves alone the days before a harvest, and the day itself', function (string $remedy, ?string $from, ?string $to): void {
    $course = courseOf(['recipe' => $remedy, 'harvest' => '2026-05-10']);
    $taken = Cases::get(HarvestTime::class)->taken($course, $course->mixes[0]);
    $rome = new DateTimeZone('Europe/Rome');
    expect($taken)->toBe([[(new DateTimeImmutable((string) $from, $rome))->getTimestamp(), (new DateTimeImmutable((string) $to, $rome))->getTimestamp()]]);
})->with([
    // A day's wait: the evening before is early enough.
    ['soap', '2026-05-10 00:00', '2026-05-11 00:00'], ['garlic', '2026-05-08 00:00', '2026-05-11 00:00'], ['sulfur', '2026-05-04 00:00', '2026-05-11 00:00'],
]);

it('leaves nothing alone where nothing is harvested', function (): void {
    $course = courseOf(['recipe' => 'garlic']);
    expect(Cases::get(HarvestTime::class)->taken($course, $course->mixes[0]))->toBe([]);
});

it('says why in the units of whoever reads it', function (): void {
    $case = ['but' => [['day' => '05-09', 'at' => 17, 'hours' => 6, 'temp' => 31, 'wind' => 25]]];
    $sky = skyOf($case);
    $plan = Cases::get(Planner::class)->plan([courseOf($case)], $sky)['one'];
    $english = Cases::english();
    $metric = (new RoundWords($english, WeatherUnits::of(UnitSystem::Metric)))->because($plan->rounds[1], $plan->rhythm, $sky);
    $us = (new RoundWords($english, WeatherUnits::of(UnitSystem::Us)))->because($plan->rounds[1], $plan->rhythm, $sky);
    // 31 °C are 88 °F, 25 km/h are 16 mph.
    expect($metric)->toContain('31 °C')->toContain('25 km/h')->toContain('A good hour')->and($us)->toContain('88 °F')->toContain('16 mph')->not->toContain('°C');
});

it('names what is against an hour once, the gravest first', function (): void {
    $english = Cases::english();
    $said = (new RoundWords($english, WeatherUnits::of(UnitSystem::Metric)))->against(hourOf('soap', '2026-05-04 13:00', ['temp' => 33.0, 'wind' => 30.0, 'cloud' => 0.0], [1 => ['cloud' => 0.0]]));
    expect($said)->toStartWith('too hot, 33 °C')->toContain('wind, 30 km/h')->toContain('sun within two hours')->and(substr_count($said, 'too hot'))->toBe(1);
});

it('plans no two courses onto one day of the same plants', function (string $one, string $other, array $sky): void {
    $courses = [courseOf(['recipe' => $one, 'planting' => 'bed', 'free' => [[], 5, 22]], 'a'), courseOf(['recipe' => $other, 'target' => 'powdery-mildew', 'planting' => 'bed', 'free' => [[], 5, 22]], 'b'), courseOf(['recipe' => $one, 'planting' => 'elsewhere', 'free' => [[], 5, 22]], 'c')];
    $plans = Cases::get(Planner::class)->plan($courses, skyOf($sky));
    $days = array_map(static fn ($plan): array => array_map(static fn ($round): string => $round->slot->day, $plan->rounds), $plans);
    expect(array_intersect($days['a'], $days['b']))->toBe([])->and($days['a'])->not->toBe([])->and($days['b'])->not->toBe([]);
})->with([['soap', 'bicarbonate'], ['garlic', 'milk'], ['milk', 'soap'], ['soap', 'soap']])->with([[[]], [['but' => [['day' => '05-04', 'hours' => 100, 'rain' => 1]]]]]);
