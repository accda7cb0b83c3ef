<?php

declare(strict_types=1);

use App\Models\Garden;
use App\Models\Planting;
use App\Models\Trouble;
use App\Settings\Writes\StartGarden;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Support\DemoOnce;

beforeEach(function (): void {
    CarbonImmutable::setTestNow('2026-06-10 16:00:00', 'UTC');
    Carbon\Carbon::setTestNow('2026-06-10 16:00:00');
});

/** A small garden of its own: two beds, beans, lettuce and a rose. */
function smallGarden(string $timeZone = 'Europe/Rome'): Garden
{
    $garden = app(StartGarden::class)->empty(['name' => 'Small', 'units' => 'metric', 'language' => 'en', 'time_zone' => $timeZone, 'hardness_mg_l' => 150.0, 'alkalinity_mg_l' => 120.0, 'theme' => 'auto']);
    $bed = $garden->zones()->firstOrFail();
    $wall = $garden->zones()->create(['name' => 'The wall', 'position' => 2]);
    foreach ([['broad-bean', 'Beans', 12, $bed], ['bean', 'Runners', 8, $bed], ['lettuce', 'Lettuces', 10, $wall], ['rose', 'Rose', 1, $wall]] as [$plant, $name, $number, $zone]) {
        $garden->plantings()->create(['zone_id' => $zone->id, 'plant' => $plant, 'name' => $name, 'number' => $number, 'stage' => 'growing']);
    }

    return $garden;
}

function the(Garden $garden, string $path = ''): string
{
    return "/api/gardens/$garden->id/$path";
}

function called(Garden $garden, string $name): Planting
{
    return $garden->plantings()->where('name', $name)->firstOrFail();
}

/** A trouble of a planting with its counts, days ago => counts. */
function troubled(Garden $garden, string $planting, string $target, array $counts = [], int $leaves = 4): Trouble
{
    $trouble = $garden->troubles()->create(['planting_id' => called($garden, $planting)->id, 'target' => $target, 'noticed_on' => '2026-06-01', 'status' => 'open']);
    $measure = app(Nebbia\Core\Target\Targets::class)->named($target)->watchUntil?->measure;
    foreach ($counts as $daysAgo => $numbers) {
        $trouble->counts()->create(['garden_id' => $garden->id, 'counted_at' => CarbonImmutable::now()->subDays($daysAgo), 'measure' => $measure, 'counts' => $numbers, 'leaves_per_plant' => $leaves, 'enemies' => 'none']);
    }

    return $trouble;
}

describe('the garden', function (): void {
    it('adds, changes and moves a planting, and takes the change back', function (): void {
        $garden = smallGarden();
        $wall = $garden->zones()->where('name', 'The wall')->firstOrFail();
        $added = $this->postJson(the($garden, 'plantings'), [
            'plant' => 'Vaccinium corymbosum', 'name' => 'Tubs', 'variety' => 'Early blue', 'number' => 3, 'stage' => 'fruiting', 'height_cm' => '82,5',
            'indoors' => false, 'in_flower' => true, 'harvest_on' => '2026-07-01', 'new_until' => '2026-06-30', 'value' => 'irreplaceable',
        ])->assertCreated()->assertJsonPath('planting.plant', 'blueberry')->assertJsonPath('planting.height_cm', 82.5)->assertJsonPath('planting.eaten', 'fruit')->json('planting');
        $changed = $this->putJson(the($garden, "plantings/{$added['id']}"), ['version' => 1, 'plant' => 'blueberry', 'name' => 'Tubs', 'number' => 2, 'stage' => 'dormant', 'zone_id' => $wall->id])
            ->assertOk()->assertJsonPath('planting.zone', 'The wall')->assertJsonPath('planting.number', 2)->assertJsonPath('planting.variety', null)->json();
        $this->putJson(the($garden, 'plantings/'.called($garden, 'Rose')->id), ['version' => 1, 'plant' => 'rose', 'name' => 'Rose', 'number' => 1, 'stage' => 'young'])->assertOk()->assertJsonPath('planting.zone', 'The wall');
        $this->putJson(the($garden, "plantings/{$added['id']}"), ['version' => 1, 'plant' => 'blueberry', 'number' => 9, 'stage' => 'dormant'])->assertConflict()->assertJsonPath('theirs.number', 2);
        $this->postJson(the($garden, "changes/{$changed['change']['id']}/undo"))->assertOk();
        $this->getJson(the($garden, 'plot'))->assertJsonPath('zones.0.plantings.2.planting.number', 3)->assertJsonPath('zones.0.plantings.2.planting.variety', 'Early blue')
            ->assertJsonPath('zones.0.plantings.2.is_new', true)->assertJsonPath('zones.0.plantings.2.days_to_harvest', 21);
    });

    it('names the field and the mend of what is wrong with a planting', function (string $field, mixed $value, string $words): void {
        $this->postJson(the(smallGarden(), 'plantings'), [$field => $value] + ['plant' => 'tomato', 'number' => 1, 'stage' => 'young'])
            ->assertUnprocessable()->assertJsonPath("errors.$field.0", fn (string $said): bool => str_contains($said, $words));
    })->with([
        ['number', 0, 'above zero'], ['height_cm', 'tall', 'like 70 cm'], ['height_cm', '-4', 'like 70 cm'], ['harvest_on', 'in May', '2026-07-14'],
        ['value', 'cheap', 'replaceable'], ['stage', 'asleep', 'seedling'], ['plant', 'tomatoe', 'did you mean tomato'], ['note', str_repeat('x', 300), 'under 255'],
    ]);

    it('retires a planting and brings it back, its notes kept', function (): void {
        $garden = smallGarden();
        $trouble = troubled($garden, 'Rose', 'black-spot');
        $rose = called($garden, 'Rose');
        $this->postJson(the($garden, "plantings/$rose->id/retire"), ['version' => 1, 'why' => 'died in the frost'])->assertOk();
        expect($this->getJson(the($garden))->json('plantings'))->toHaveCount(3);
        $this->getJson(the($garden, 'plot'))->assertJsonPath('retired.0.name', 'Rose')->assertJsonPath('retired.0.retired_why', 'died in the frost')->assertJsonPath('retired.0.retired_on', '2026-06-10');
        $this->getJson(the($garden, "troubles/$trouble->id"))->assertOk()->assertJsonPath('brief.planting', 'Rose');
        $this->postJson(the($garden, "plantings/$rose->id/retire"), ['version' => 2, 'back' => true])->assertOk();
        expect($this->getJson(the($garden))->json('plantings'))->toHaveCount(4);
    });

    it('keeps zones, but for those in which nothing stands', function (): void {
        $garden = smallGarden();
        $id = $this->postJson(the($garden, 'zones'), ['name' => 'The sill', 'note' => 'East'])->assertCreated()->json('id');
        $this->putJson(the($garden, "zones/$id"), ['version' => 1, 'name' => 'The east sill'])->assertOk();
        $this->putJson(the($garden, "zones/$id"), ['version' => 1, 'name' => 'Late'])->assertConflict();
        $this->deleteJson(the($garden, "zones/$id"))->assertOk();
        $wall = $garden->zones()->where('name', 'The wall')->firstOrFail();
        $this->deleteJson(the($garden, "zones/$wall->id"))->assertUnprocessable()->assertJsonPath('errors.zone.0', fn (string $said): bool => str_contains($said, 'move or retire'));
        $this->postJson(the($garden, 'zones'), ['name' => ''])->assertUnprocessable()->assertJsonValidationErrors('name');
    });

    it('says at a glance what a plant bears, who is troubled and what was done last', function (): void {
        $garden = DemoOnce::garden();
        $cards = collect($this->getJson(the($garden, 'plot'))->assertOk()->json('zones'))->flatMap(fn (array $zone): array => $zone['plantings'])->keyBy('planting.name');
        expect($cards['Broad beans, late row']['troubles'][0]['name'])->toBe('aphid')->and($cards['Broad beans, late row']['treated_with'])->toBe('Evening soap')
            ->and($cards['Camellia in the big pot']['treated_on'])->toBeNull()
            ->and(implode(' ', $cards['Jade plants by the well']['bears']))->toContain('soap, oil, alcohol')->toContain('waxy bloom')->toContain('at night')
            ->and(implode(' ', $cards['Cutting lettuce']['bears']))->toContain('half strength')
            ->and(implode(' ', $cards['Blueberries in tubs']['bears']))->toContain('Hates lime');
    });
});

describe('plantings as a table', function (): void {
    it('goes out as the spreadsheets of the place take it, and in again without a change', function (string $zone, string $row): void {
        $garden = DemoOnce::garden();
        $garden->update(['time_zone' => $zone]);
        called($garden, 'White rambler')->update(['area_m2' => 1.25, 'height_cm' => 210.5]);
        $csv = $this->get(the($garden, 'plantings.csv'))->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')->getContent();
        expect(substr_count((string) $csv, "\n"))->toBe(33);
        expect($csv)->toStartWith("\u{FEFF}id")->toContain($row);
        $this->postJson(the($garden, 'plantings/import'), ['csv' => $csv])->assertOk()->assertJsonPath('added', 0)->assertJsonPath('changed', 0);
    })->with([
        ['Europe/Rome', '"White rambler";;1;growing;210,5;no'], ['America/New_York', '"White rambler",,1,growing,210.5,no'],
        ['America/Sao_Paulo', ';growing;210,5;'], ['Europe/London', ',growing,210.5,'],
    ]);

    it('reads semicolons, decimal commas, columns in any order and new zones, and can be undone', function (): void {
        $garden = smallGarden();
        $csv = "\xEF\xBB\xBFnumber;Plant;stage;height cm;zone;indoors;name;colour\r\n3;courgette;young;40,5;The hill;no;\"Hill; the big one\";green\r\n1;Phalaenopsis;flowering;;The hill;yes;;\r\n";
        $done = $this->postJson(the($garden, 'plantings/import'), ['csv' => $csv])->assertOk()->assertJsonPath('added', 2)->json();
        $hill = called($garden, 'Hill; the big one');
        expect([$hill->plant, $hill->number, $hill->height_cm, $hill->zone->name, $hill->indoors])->toBe(['zucchini', 3, 40.5, 'The hill', false])
            ->and(called($garden, 'Moth orchid')->indoors)->toBeTrue()->and($garden->zones()->where('name', 'The hill')->count())->toBe(1);
        $this->postJson(the($garden, "changes/{$done['change']['id']}/undo"))->assertOk();
        expect($garden->plantings()->count())->toBe(4)->and($garden->zones()->count())->toBe(2);
    });

    it('changes the planting whose id stands in a line', function (): void {
        $garden = smallGarden();
        $rose = called($garden, 'Rose');
        $rose->update(['variety' => 'Old pink']);
        $this->postJson(the($garden, 'plantings/import'), ['csv' => "id,plant,name,number,stage\n$rose->id,rose,Rose,5,flowering\n"])->assertOk()->assertJsonPath('changed', 1)->assertJsonPath('added', 0);
        expect($rose->refresh()->number)->toBe(5)->and($rose->zone->name)->toBe('The wall')->and($rose->variety)->toBe('Old pink');
    });

    it('stores nothing where a line is wrong, and names line and column', function (): void {
        $garden = smallGarden();
        $errors = $this->postJson(the($garden, 'plantings/import'), ['csv' => "plant,number,stage,indoors\ntomato,2,young,no\ntomatoe,2,young,no\nrose,none,young,perhaps\n"])->assertUnprocessable()->json('errors');
        expect(array_keys($errors))->toBe(['csv.3.plant', 'csv.4.number', 'csv.4.indoors'])->and($errors['csv.3.plant'][0])->toContain('Line 3, plant')->toContain('did you mean tomato')
            ->and($garden->plantings()->count())->toBe(4);
    });

    it('says what is missing of a file that is none', function (string $csv, string $words): void {
        $this->postJson(the(smallGarden(), 'plantings/import'), ['csv' => $csv])->assertUnprocessable()->assertJsonPath('errors.csv.0', fn (string $said): bool => str_contains($said, $words));
    })->with([['name,zone'."\n".'a,b', 'plant, number, stage is missing'], ["plant,number,stage\n", 'no planting in this file'], ['', 'The file is empty']]);

    it('does not let a name become a formula in a spreadsheet', function (): void {
        $garden = smallGarden();
        called($garden, 'Rose')->update(['name' => '=1+1']);
        $csv = (string) $this->get(the($garden, 'plantings.csv'))->getContent();
        expect($csv)->toContain("'=1+1");
        $this->postJson(the($garden, 'plantings/import'), ['csv' => $csv])->assertOk()->assertJsonPath('changed', 0);
    });
});

describe('scouting', function (): void {
    it('ranks causes and asks the next question', function (): void {
        $garden = smallGarden();
        $said = $this->postJson(the($garden, 'scout'), ['planting_id' => called($garden, 'Beans')->id, 'present' => ['curled-young-leaves', 'insects-on-tips'], 'absent' => ['silver-streaks'], 'skipped' => ['ants-running'], 'weather' => ['dry']])
            ->assertOk()->assertJsonPath('causes.0.target', 'aphid')->assertJsonPath('settled', true)->json();
        expect(array_sum(array_column($said['causes'], 'probability')) + $said['rest'])->toEqualWithDelta(1.0, 1e-9)
            ->and($said['next']['sign'])->not->toBeIn(['curled-young-leaves', 'insects-on-tips', 'silver-streaks', 'ants-running'])
            ->and(array_column($said['causes'][0]['clues'], 'word', 'sign')['insects-on-tips'])->toBe('for-strongly');
    });

    it('takes the season from the garden\'s day and side of the equator', function (): void {
        $garden = smallGarden();
        $ask = fn (): float => collect($this->postJson(the($garden, 'scout'), ['planting_id' => called($garden, 'Beans')->id, 'present' => ['pale-stippling'], 'absent' => []])->json('causes'))->firstWhere('target', 'spider-mite')['probability'];
        $north = $ask();
        $garden->update(['latitude' => -33.0]);
        expect($ask())->toBeLessThan($north);
    });

    it('refuses signs that are none, naming where', function (): void {
        $this->postJson(the(smallGarden(), 'scout'), ['present' => ['fine-webing'], 'absent' => []])->assertUnprocessable()->assertJsonPath('errors', ['present.0' => ['No sign is called fine-webing: did you mean fine-webbing?']]);
        $this->postJson(the(smallGarden(), 'scout'), ['present' => [], 'absent' => [], 'weather' => ['wet', 'dry']])->assertUnprocessable()->assertJsonValidationErrors('weather');
        $this->postJson(the(smallGarden(), 'scout'), [])->assertUnprocessable()->assertJsonValidationErrors(['present', 'absent']);
    });

    it('opens a trouble, adds to it, and names it when it is known', function (): void {
        $garden = smallGarden();
        $keep = fn (array $more) => $this->postJson(the($garden, 'scoutings'), $more + ['planting_id' => called($garden, 'Beans')->id, 'present' => ['sticky-film'], 'absent' => ['brown-bumps'], 'as' => 'trouble', 'note' => 'Since Sunday'])->assertCreated()->json();
        $first = $keep(['target' => null]);
        $second = $keep(['target' => 'greenfly', 'present' => ['insects-on-tips']]);
        expect($second['trouble_id'])->toBe($first['trouble_id'])->and($garden->troubles()->count())->toBe(1);
        $page = $this->getJson(the($garden, "troubles/{$first['trouble_id']}"))->assertJsonPath('brief.target', 'aphid')->json();
        expect($page['scoutings'])->toHaveCount(2)->and($page['scoutings'][1]['note'])->toBe('Since Sunday');
        // Another target is another trouble; a mere look is none.
        expect($keep(['target' => 'rust'])['trouble_id'])->not->toBe($first['trouble_id'])->and($keep(['as' => 'look'])['trouble_id'])->toBeNull();
        $this->postJson(the($garden, "changes/{$second['change']['id']}/undo"))->assertOk();
        expect(Trouble::query()->findOrFail($first['trouble_id'])->target)->toBeNull();
    });

    it('keeps a small photo, and refuses a large one and what is none', function (): void {
        Storage::fake('photos');
        $garden = smallGarden();
        $id = $this->postJson(the($garden, 'scoutings'), ['planting_id' => called($garden, 'Beans')->id, 'present' => [], 'absent' => [], 'as' => 'trouble'])->json('scouting.id');
        $jpeg = fn (int $side): UploadedFile => UploadedFile::fake()->createWithContent('look.jpg', jpegOf($side));
        $this->post(the($garden, "scoutings/$id/photo"), ['photo' => $jpeg(1200)], ['Accept' => 'application/json', 'Content-Type' => 'multipart/form-data'])->assertCreated();
        $this->get(the($garden, "scoutings/$id/photo"))->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->post(the($garden, "scoutings/$id/photo"), ['photo' => $jpeg(4000)], ['Accept' => 'application/json', 'Content-Type' => 'multipart/form-data'])->assertUnprocessable()->assertJsonPath('errors.photo.0', fn (string $said): bool => str_contains($said, '1600 pixels'));
        $this->post(the($garden, "scoutings/$id/photo"), ['photo' => UploadedFile::fake()->createWithContent('x.jpg', '<?php echo 1;')], ['Accept' => 'application/json', 'Content-Type' => 'multipart/form-data'])->assertUnprocessable();
        expect(Storage::disk('photos')->allFiles())->toHaveCount(1);
    });
});

describe('a trouble', function (): void {
    it('goes from not counted over counts to a decision', function (): void {
        $garden = smallGarden();
        $trouble = troubled($garden, 'Beans', 'aphid');
        $page = fn (): array => $this->getJson(the($garden, "troubles/$trouble->id"))->assertOk()->json();
        // Twelve plants: five of them, four leaves each.
        expect($page()['brief']['choice'])->toBe('tactics-first')->and($page()['plan']['plants'])->toHaveCount(5)->and($page()['plan']['leaves_per_plant'])->toBe(4);
        $this->postJson(the($garden, "troubles/$trouble->id/counts"), ['counts' => [8, 12, 10, 6, 14], 'leaves_per_plant' => 4, 'counted_at' => '2026-06-03T18:00'])->assertCreated();
        expect($page()['brief'])->toMatchArray(['choice' => 'leave', 'look_again_on' => '2026-06-10'])->and($page()['counts'][0]['mean']['likely'])->toBe(2.5);
        $this->postJson(the($garden, "troubles/$trouble->id/counts"), ['counts' => [160, 240, 200, 120, 280], 'leaves_per_plant' => 4, 'enemies' => 'some', 'counted_at' => '2026-06-10T18:00'])->assertCreated();
        // From 2.5 to 50 a leaf in seven days: 7·ln 2/ln 20 = 1.62.
        expect($page()['brief']['choice'])->toBe('spray-too')->and($page()['trend'])->toStartWith('Doubling in 1.6 days')->and($page()['decision']['look_again_on'])->toBe('2026-06-13')
            ->and($page()['remedies'][0]['id'])->toBe('soap')->and(array_column($page()['neighbours'], 'same_day', 'name'))->toBe(['Runners' => true]);
    });

    it('counts in the garden\'s time zone, and not in the future', function (): void {
        $garden = smallGarden('America/New_York');
        $trouble = troubled($garden, 'Beans', 'aphid');
        $this->postJson(the($garden, "troubles/$trouble->id/counts"), ['counts' => [1], 'counted_at' => '2026-06-10T08:30'])->assertCreated();
        expect($trouble->counts()->firstOrFail()->counted_at->toIso8601ZuluString())->toBe('2026-06-10T12:30:00Z');
        $this->postJson(the($garden, "troubles/$trouble->id/counts"), ['counts' => [1], 'counted_at' => '2026-06-11T08:30'])->assertUnprocessable()->assertJsonValidationErrors('counted_at');
    });

    it('names what is wrong with a count and stores nothing', function (array $body, string $field): void {
        $garden = smallGarden();
        $trouble = troubled($garden, 'Beans', 'aphid');
        $this->postJson(the($garden, "troubles/$trouble->id/counts"), $body)->assertUnprocessable()->assertJsonValidationErrors($field);
        expect($trouble->counts()->count())->toBe(0);
    })->with([
        [['counts' => []], 'counts'], [['counts' => [3, 'many']], 'counts.1'], [['counts' => [3, -1]], 'counts.1'], [['counts' => [2.5]], 'counts.0'],
        [['counts' => [1], 'leaves_per_plant' => 0], 'leaves_per_plant'], [['counts' => [1], 'enemies' => 'lots'], 'enemies'], [['counts' => [1], 'counted_at' => 'today'], 'counted_at'],
    ]);

    it('writes tactics down, and no longer puts first what was tried', function (): void {
        $garden = smallGarden();
        $trouble = troubled($garden, 'Beans', 'aphid', [0 => [60, 55, 70, 66, 50]]);
        $first = fn (): string => $this->getJson(the($garden, "troubles/$trouble->id"))->json('brief.headline');
        expect($first())->toBe('First: a hard jet of water.');
        $this->postJson(the($garden, "troubles/$trouble->id/tactics"), ['tactic' => 'jet-of-water'])->assertCreated();
        expect($first())->not->toContain('jet');
        $this->postJson(the($garden, "troubles/$trouble->id/tactics"), ['tactic' => 'dance'])->assertUnprocessable()->assertJsonValidationErrors('tactic');
    });

    it('is closed with its outcome and opened again, but not by a stale hand', function (): void {
        $garden = smallGarden();
        $trouble = troubled($garden, 'Beans', 'aphid');
        $this->patchJson(the($garden, "troubles/$trouble->id"), ['version' => 1, 'status' => 'closed', 'outcome' => 'Gone by itself'])->assertOk();
        $this->getJson(the($garden, "troubles/$trouble->id"))->assertJsonPath('brief.status', 'closed')->assertJsonPath('brief.outcome', 'Gone by itself')->assertJsonPath('brief.closed_on', '2026-06-10');
        $this->patchJson(the($garden, "troubles/$trouble->id"), ['version' => 1, 'status' => 'open'])->assertConflict();
        $this->patchJson(the($garden, "troubles/$trouble->id"), ['version' => 2, 'target' => 'no such thing'])->assertUnprocessable()->assertJsonValidationErrors('target');
    });

    it('does not compare counts made while it was taken for something else', function (): void {
        $garden = smallGarden();
        $trouble = troubled($garden, 'Beans', 'aphid', [3 => [60, 55, 70, 66, 50]]);
        $trouble->update(['target' => 'rust']);
        $this->getJson(the($garden, "troubles/$trouble->id"))->assertOk()->assertJsonPath('brief.level', null)->assertJsonPath('trend', null)->assertJsonPath('plan.measure', 'percent-leaf');
    });

    it('ranks the garden\'s recipes under the family they are sprays of', function (): void {
        $garden = DemoOnce::garden();
        $trouble = $garden->troubles()->where('target', 'aphid')->firstOrFail();
        $remedies = collect($this->getJson(the($garden, "troubles/$trouble->id"))->json('remedies'))->keyBy('id');
        // The soap in the bicarbonate is there to wet, at 0.08 %, and makes no soap spray of it.
        expect(array_column($remedies['soap']['recipes'], 'name'))->toBe(['Evening soap', 'Gentle soap'])
            ->and(array_column($remedies['oil']['recipes'], 'name'))->toContain('Neem at dusk', 'Oil and soap for scale')
            ->and($remedies['soap']['evidence'])->toBe('strong')->and($remedies['bicarbonate']['open'])->toBeFalse();
    });

    it('leads to a course whose sprays are marked on its page', function (): void {
        $garden = DemoOnce::garden();
        $trouble = $garden->troubles()->where('target', 'aphid')->firstOrFail();
        $course = $this->postJson(the($garden, 'courses'), ['recipe_id' => $garden->recipes()->where('name', 'Evening soap')->firstOrFail()->id, 'planting_ids' => [$trouble->planting_id], 'target' => 'aphid', 'trouble_id' => $trouble->id, 'every_days' => 5, 'times' => 3, 'starts_on' => '2026-06-10'])->assertCreated()->json('course');
        $this->postJson(the($garden, "rounds/{$course['rounds'][0]['id']}/log"), ['version' => 1])->assertOk();
        $done = $this->getJson(the($garden, "troubles/$trouble->id"))->json('done');
        expect(array_column($done, 'kind'))->toBe(['tactic', 'spray'])->and($done[1]['what'])->toBe('Evening soap');
        $this->postJson(the($garden, 'courses'), ['recipe_id' => $garden->recipes()->firstOrFail()->id, 'planting_ids' => [$trouble->planting_id], 'trouble_id' => 'none', 'every_days' => 5, 'times' => 3, 'starts_on' => '2026-06-10'])->assertNotFound();
    });

    it('is looked at again on its day, which Today says', function (): void {
        $garden = smallGarden();
        troubled($garden, 'Beans', 'aphid', [7 => [8, 12, 10, 6, 14]]);
        troubled($garden, 'Rose', 'rust', [1 => [0]], 1);
        expect(array_column($this->getJson(the($garden, 'today'))->json('looks'), 'planting'))->toBe(['Beans']);
    });

    it('asks the database no more for more troubles', function (): void {
        $queries = function (Garden $garden, string $path): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->getJson(the($garden, $path))->assertOk();

            return count(DB::getQueryLog());
        };
        $garden = smallGarden();
        troubled($garden, 'Beans', 'aphid', [3 => [1, 2, 3]]);
        $few = array_map(fn (string $path): int => $queries($garden, $path), ['plot', 'troubles', 'today']);
        foreach (['Runners', 'Lettuces', 'Rose'] as $name) {
            troubled($garden, $name, 'aphid', [5 => [4, 5], 3 => [1, 2, 3]]);
        }
        expect(array_map(fn (string $path): int => $queries($garden, $path), ['plot', 'troubles', 'today']))->toBe($few);
    });
});

it('tells six stories in the demo garden, two of them of what needs no spray', function (): void {
    $garden = DemoOnce::garden();
    $briefs = collect($this->getJson(the($garden, 'troubles'))->assertOk()->json());
    expect($briefs)->toHaveCount(6)->and($briefs->where('kind', 'look-alike'))->toHaveCount(2)->and($briefs->where('status', 'closed'))->toHaveCount(1)
        ->and($briefs->pluck('choice', 'target')->all())->toMatchArray(['aphid' => 'spray-too', 'soft-scale' => 'leave', 'powdery-mildew' => 'tactics-first', 'sun-scorch' => 'tactics-first', 'iron-lack' => 'tactics-first']);
    foreach ($garden->scoutings as $scouting) {
        expect($scouting->causes[0]['target'])->toBe($scouting->trouble_id === null ? '' : Trouble::query()->findOrFail($scouting->trouble_id)->target);
    }
});
