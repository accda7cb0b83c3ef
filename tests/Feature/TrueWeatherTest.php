<?php

declare(strict_types=1);

use App\Models\Garden;
use App\Weather\ForecastProvider;
use App\Weather\NotedWeather;
use Carbon\CarbonImmutable;
use Nebbia\Core\Weather\Forecast;

// Of a garden that is not made up no hour of made-up weather is told.

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-05-04 08:20:00', 'UTC'));
    config(['nebbia.requests_a_minute' => PHP_INT_MAX]);
});

/** A garden as real as the demo's plantings and courses can make it, and weather that must not be asked for. */
function realGarden(): Garden
{
    $garden = demo();
    $garden->update(['is_demo' => false]);
    app()->scoped(ForecastProvider::class, static fn (): ForecastProvider => new NotedWeather(new class implements ForecastProvider
    {
        public function forecast(Garden $garden, int $from, int $to): Forecast
        {
            throw new LogicException('Made-up weather was asked for.');
        }

        public function happened(Garden $garden, int $from, int $to): Forecast
        {
            throw new LogicException('Made-up weather was asked for.');
        }

        public function name(Garden $garden): string
        {
            return 'a stand-in: made-up weather';
        }

        public function isTrue(Garden $garden): bool
        {
            return $garden->is_demo;
        }
    }));

    return $garden;
}

it('shows every view of a real garden without made-up weather', function (string $view): void {
    $garden = realGarden();
    $answer = $this->getJson(at($garden, $view));
    expect($answer->getStatusCode())->toBe(200, (string) $answer->exception?->getMessage())->and($answer->getContent())->not->toContain('stand-in')->not->toContain('made-up');
})->with(['', 'plot', 'today', 'ribbon', 'weather', 'lanes', 'courses', 'replans', 'applications', 'troubles', 'recipes', 'pantry', 'shopping', 'preparations', 'other-uses']);

it('judges, suggests, plans and logs in a real garden without it', function (): void {
    $garden = realGarden();
    $soap = recipeNamed($garden, 'Evening soap');
    $bean = plantingOf($garden, 'broad-bean')->id;
    $this->postJson(at($garden, 'bench'), ['recipe' => $soap->body, 'planting_id' => $bean])->assertOk();
    $suggested = $this->postJson(at($garden, 'rounds/suggest'), ['recipe_id' => $soap->id, 'planting_ids' => [$bean], 'target' => 'aphid', 'starts_on' => '2026-05-05'])->assertOk();
    expect($suggested->json('source'))->toContain('no forecast');
    $round = $this->postJson(at($garden, 'courses'), ['recipe_id' => $soap->id, 'planting_ids' => [$bean], 'target' => 'aphid', 'every_days' => 7, 'times' => 2, 'starts_on' => '2026-05-04', 'all_the_same' => true])->assertCreated()->json('course.rounds.0');
    $this->getJson(at($garden, "rounds/{$round['id']}/days"))->assertOk();
    $this->postJson(at($garden, "rounds/{$round['id']}/log"), ['version' => $round['version']])->assertSuccessful();
});

it('calls no hour the best that nobody foretold, and says what is known', function (): void {
    $ribbon = $this->getJson(at(realGarden(), 'ribbon'))->assertOk()->json();
    expect($ribbon['best'])->toBeNull()->and($ribbon['best_hour'])->toBeNull()->and($ribbon['source'])->toContain('no forecast was given')
        // Dusk on the fourth of May by the lake: the sun is down at half past eight.
        ->and($ribbon['by_clock'])->toMatch('/^today at (19|20|21):00 to 22:00$/')
        ->and(array_unique(array_column($ribbon['hours'], 'is_foretold')))->toBe([false])
        ->and(array_diff(array_unique(array_column($ribbon['hours'], 'word')), ['unknown', 'poor', 'no']))->toBe([])
        ->and(array_unique(array_column($ribbon['hours'], 'rain_mm')))->toEqual([0.0]);
    foreach ($ribbon['hours'] as $hour) {
        expect($hour['celsius'])->toBeGreaterThan(0.0)->toBeLessThan(30.0)->and($hour['temperature'])->toContain('°C');
    }
});

it('knows of the hours that were given, and of no other', function (): void {
    $garden = realGarden();
    $csv = "time,temp_c,rain_mm,wind_ms,humidity,cloud\n";
    for ($hour = 0; $hour < 30; $hour++) {
        $csv .= CarbonImmutable::parse('2026-05-04 08:00', 'UTC')->addHours($hour)->format('Y-m-d\TH:i:sP').",18,0,1.5,60,100\n";
    }
    $this->postJson(at($garden, 'weather'), ['csv' => $csv])->assertOk();
    $ribbon = $this->getJson(at($garden, 'ribbon'))->assertOk()->json();
    expect(array_sum(array_column($ribbon['hours'], 'is_foretold')))->toBe(30)->and($ribbon['best_hour'])->toBeLessThan(30)->and($ribbon['by_clock'])->toBeNull()->and($ribbon['source'])->toContain('you gave');
});

it('knows a room without any forecast', function (): void {
    $garden = realGarden();
    $plant = plantingOf($garden, 'lemon');
    $plant->update(['indoors' => true]);
    $round = $this->postJson(at($garden, 'courses'), ['recipe_id' => recipeNamed($garden, 'Evening soap')->id, 'planting_ids' => [$plant->id], 'target' => 'spider-mite', 'every_days' => 7, 'times' => 2, 'starts_on' => '2026-05-05', 'all_the_same' => true])->assertCreated()->json('course.rounds.0.id');
    $ribbon = $this->getJson(at($garden, "ribbon?round=$round"))->assertOk()->json();
    expect($ribbon['indoors'])->toBeTrue()->and($ribbon['by_clock'])->toBeNull()->and($ribbon['best'])->not->toBeNull()
        ->and(array_values(array_unique(array_column($ribbon['hours'], 'celsius'))))->toEqualCanonicalizing([21.0, 18.0])
        ->and($ribbon['hours'][$ribbon['best_hour']]['word'])->toBe('fine');
});

it('speaks of bees where they fly, and not in a room', function (bool $indoors): void {
    $garden = realGarden();
    $plant = plantingOf($garden, 'rose');
    $plant->update(['indoors' => $indoors]);
    $soap = recipeNamed($garden, 'Evening soap');
    $this->postJson(at($garden, 'courses'), ['recipe_id' => $soap->id, 'planting_ids' => [$plant->id], 'target' => 'aphid', 'every_days' => 7, 'times' => 1, 'starts_on' => '2026-05-04', 'all_the_same' => true])->assertCreated();
    $said = [
        json_encode(array_column(array_filter($this->getJson(at($garden, 'today'))->assertOk()->json('batches'), static fn (array $one): bool => array_unique(array_filter(array_column($one['steps'], 'planting_id'))) === [1 => $plant->id]), 'steps')),
        json_encode($this->postJson(at($garden, 'bench/steps'), ['recipe' => $soap->body, 'planting_id' => $plant->id])->assertOk()->json('steps')),
        json_encode(array_column($this->postJson(at($garden, 'bench'), ['recipe' => $soap->body, 'planting_id' => $plant->id])->assertOk()->json('safety.care'), 'id')),
    ];
    foreach ($said as $n => $one) {
        expect(preg_match('/bees|Ladybirds/', (string) $one))->toBe($indoors ? 0 : 1, "$n: $one");
    }
})->with([true, false]);
