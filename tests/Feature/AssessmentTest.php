<?php

declare(strict_types=1);

use App\Models\Garden;
use App\Models\Trouble;
use App\Scouting\Queries\AssessTrouble;
use App\Settings\Writes\StartGarden;
use Carbon\CarbonImmutable;
use Nebbia\Core\Pest\Decision\Choice;
use Nebbia\Core\Pest\Decision\EnemiesSeen;
use Nebbia\Core\Target\Targets;

/*
 * From rows to core: which counts are taken, from when, and what of the planting goes in.
 */
beforeEach(function (): void {
    CarbonImmutable::setTestNow('2026-06-10 16:00:00', 'UTC');
    Carbon\Carbon::setTestNow('2026-06-10 16:00:00');
});

function rowGarden(): Garden
{
    return app(StartGarden::class)->empty(['name' => 'Rows', 'units' => 'metric', 'language' => 'en', 'time_zone' => 'Europe/Rome', 'hardness_mg_l' => 150.0, 'alkalinity_mg_l' => 120.0, 'theme' => 'auto']);
}

/** @param  array<string, mixed>  $planting  @param  list<array{string, list<float>}>  $counts when, and what */
function rowTrouble(Garden $garden, string $target, array $planting = [], array $counts = [], string $enemies = 'none'): Trouble
{
    $stands = $garden->plantings()->create($planting + ['zone_id' => $garden->zones()->firstOrFail()->id, 'plant' => 'lettuce', 'name' => 'Lettuces', 'number' => 12, 'stage' => 'growing']);
    $trouble = $garden->troubles()->create(['planting_id' => $stands->id, 'target' => $target, 'noticed_on' => '2026-06-01', 'status' => 'open']);
    foreach ($counts as [$at, $numbers]) {
        $trouble->counts()->create([
            'garden_id' => $garden->id, 'counted_at' => CarbonImmutable::parse($at, 'UTC'), 'measure' => app(Targets::class)->named($target)->watchUntil?->measure,
            'counts' => $numbers, 'leaves_per_plant' => 4, 'enemies' => $enemies,
        ]);
    }

    return $trouble->load(['planting.zone', 'counts', 'tacticUses']);
}

it('takes days to harvest from the garden\'s own day, and of one that has gone by nothing', function (string $now, string $harvest, ?int $days): void {
    CarbonImmutable::setTestNow($now, 'UTC');
    $garden = rowGarden();
    $known = app(AssessTrouble::class)->known($garden, rowTrouble($garden, 'aphid', ['harvest_on' => $harvest]));
    expect($known?->daysToHarvest)->toBe($days);
})->with([
    ['2026-06-10 16:00:00', '2026-06-15', 5],
    // 23:00 UTC is the next day in Rome.
    ['2026-06-10 23:00:00', '2026-06-15', 4],
    ['2026-06-10 16:00:00', '2026-06-10', 0],
    ['2026-06-10 16:00:00', '2026-06-01', null],
]);

it('takes the last count, and the enemies seen with it', function (): void {
    $garden = rowGarden();
    $trouble = rowTrouble($garden, 'aphid', [], [['2026-06-09 08:00', [4.0, 4.0]], ['2026-06-02 08:00', [400.0, 400.0]]], 'many');
    $known = app(AssessTrouble::class)->known($garden, $trouble);
    expect($known?->sample?->mean->likely)->toBe(1.0)->and($known?->enemies)->toBe(EnemiesSeen::Many)->and($known?->trend?->falls())->toBeTrue();
});

it('sees no trend between counts of the same hours', function (): void {
    $garden = rowGarden();
    $trouble = rowTrouble($garden, 'aphid', [], [['2026-06-09 08:00', [4.0, 4.0]], ['2026-06-09 12:00', [400.0, 400.0]]]);
    expect(app(AssessTrouble::class)->known($garden, $trouble)?->trend)->toBeNull();
});

it('passes over a count too near to the last for the one before it', function (): void {
    $garden = rowGarden();
    $trouble = rowTrouble($garden, 'aphid', [], [['2026-06-05 08:00', [40.0, 40.0]], ['2026-06-09 08:00', [4.0, 4.0]], ['2026-06-09 10:00', [40.0, 40.0]]]);
    // From the 5th to the 9th, 10 o'clock: four days and two hours, without a change.
    $trend = app(AssessTrouble::class)->known($garden, $trouble)?->trend;
    expect($trend?->days)->toEqualWithDelta(4 + 2 / 24, 1e-9)->and($trend?->rate)->toEqualWithDelta(0.0, 1e-12);
});

it('takes place, worth and flower from the planting', function (): void {
    $garden = rowGarden();
    $known = app(AssessTrouble::class)->known($garden, rowTrouble($garden, 'whitefly', ['plant' => 'fuchsia', 'indoors' => true, 'value' => 'irreplaceable', 'stage' => 'flowering']));
    expect($known?->indoors)->toBeTrue()->and($known?->inFlower)->toBeTrue()->and($known?->value->value)->toBe('irreplaceable')->and($known?->plant->id)->toBe('fuchsia');
});

it('decides nothing while it is not known what it is', function (): void {
    $garden = rowGarden();
    $trouble = rowTrouble($garden, 'aphid');
    $trouble->update(['target' => null]);
    expect(app(AssessTrouble::class)->decide($garden, $trouble))->toBeNull();
    $this->getJson("/api/gardens/$garden->id/troubles/$trouble->id")->assertOk()->assertJsonPath('brief.name', 'not known yet')->assertJsonPath('brief.choice', 'unknown')
        ->assertJsonPath('decision', null)->assertJsonPath('remedies', [])->assertJsonPath('plan.measure', 'percent-leaf');
});

it('says when to look again', function (string $target, array $counts, string $day): void {
    $garden = rowGarden();
    $trouble = rowTrouble($garden, $target, ['plant' => 'tomato'], $counts);
    $this->getJson("/api/gardens/$garden->id/troubles/$trouble->id")->assertOk()->assertJsonPath('brief.look_again_on', $day);
})->with([
    'not counted: today' => ['aphid', [], '2026-06-10'],
    'few: a week after the count' => ['aphid', [['2026-06-08 08:00', [1.0, 2.0, 1.0, 0.0, 1.0]]], '2026-06-15'],
    'many: three days after' => ['aphid', [['2026-06-08 08:00', [300.0, 280.0, 310.0, 290.0, 300.0]]], '2026-06-11'],
    'no pest: a week after it was noticed' => ['sun-scorch', [], '2026-06-08'],
]);

it('draws the same plants all day, and others on another', function (): void {
    $garden = rowGarden();
    $trouble = rowTrouble($garden, 'aphid', ['number' => 200]);
    $drawn = fn (): array => $this->getJson("/api/gardens/$garden->id/troubles/$trouble->id")->json('plan.plants');
    $today = $drawn();
    CarbonImmutable::setTestNow('2026-06-10 20:00:00', 'UTC');
    expect($drawn())->toBe($today);
    CarbonImmutable::setTestNow('2026-06-12 08:00:00', 'UTC');
    expect($drawn())->not->toBe($today);
});

it('gives a planting up only by its worth', function (string $value, Choice $choice): void {
    $garden = rowGarden();
    $trouble = rowTrouble($garden, 'virus', ['plant' => 'cucumber', 'value' => $value]);
    expect(app(AssessTrouble::class)->decide($garden, $trouble)?->choice)->toBe($choice);
})->with([
    ['replaceable', Choice::GiveUp],
    ['dear', Choice::GiveUp],
    ['irreplaceable', Choice::TacticsFirst],
]);
