<?php

declare(strict_types=1);

use App\Models\Garden;
use App\Models\Look;
use Carbon\CarbonImmutable;

/** @return array<string, mixed> */
function soapOf(string $percent): array
{
    return [
        'format' => 'nebbia.recipe/1', 'name' => 'Soap', 'use' => 'foliar', 'units' => 'metric', 'base' => ['amount' => '1 L', 'basis' => 'final', 'liquid' => 'water'],
        'ingredients' => [['ingredient' => 'liquid-castile-soap', 'amount' => "$percent %", 'strength' => '30 %']],
    ];
}

/**
 * @param  array<string, mixed>  $more
 * @return array<string, mixed>
 */
function benched(Garden $garden, array $recipe, array $more = []): array
{
    return test()->postJson(at($garden, 'bench'), ['recipe' => $recipe] + $more)->assertOk()->json();
}

describe('the bench', function (): void {
    it('judges by the hour that is typed in, in the garden\'s own units', function (): void {
        $garden = demo();
        $hour = ['temperature' => '31,5', 'humidity' => '50', 'wind' => '6', 'rain_in' => ''];
        $planting = plantingOf($garden, 'broad-bean')->id;
        $bench = benched($garden, soapOf('0.6'), ['planting_id' => $planting, 'now' => $hour]);
        expect(array_column($bench['findings'], 'what'))->toContain('Too hot to spray: 31.5 °C.');
        // 68 °F are 20 °C
        $garden->update(['units' => 'us']);
        $bench = benched($garden, soapOf('0.6'), ['planting_id' => $planting, 'now' => ['temperature' => '92', 'wind' => '11'] + $hour]);
        expect(implode(' ', array_column($bench['findings'], 'what')))->toContain('Too hot to spray: 92 °F.')->toContain('Too windy: 11 mph.')
            ->and(implode(' ', array_column($bench['findings'], 'because')))->toContain('Up to 84.2 °F')->toContain('Above 9.3 mph');
        expect(array_column(benched($garden, soapOf('0.6'), ['planting_id' => $planting, 'now' => ['temperature' => '68'] + $hour])['findings'], 'rule'))->not->toContain('hour');
    });

    it('names the field of the hour that cannot be', function (array $now, string $field): void {
        $this->postJson(at(demo(), 'bench'), ['recipe' => soapOf('1'), 'now' => $now])->assertUnprocessable()->assertJsonValidationErrors([$field]);
    })->with([[['temperature' => 'warm'], 'now.temperature'], [['humidity' => '140'], 'now.humidity'], [['wind' => '-3'], 'now.wind'], [['rain_in' => '1e3'], 'now.rain_in'], [['ph' => '20'], 'now.ph'], [['ph' => 'blue'], 'now.ph']]);

    it('stops for a thirsty plant, and minds what a gardener says of it', function (): void {
        $garden = demo();
        $planting = plantingOf($garden, 'broad-bean')->id;
        expect(benched($garden, soapOf('0.6'), ['planting_id' => $planting, 'now' => ['states' => ['drought']]])['severity'])->toBe('stop')
            // 1 % on seedlings: careful from 0.75
            ->and(benched($garden, soapOf('1'), ['planting_id' => $planting, 'now' => ['states' => ['new']]])['strengths'][0]['careful'])->toBe(0.75);
    });

    it('minds a planting that was moved within the week, and no longer', function (): void {
        $garden = demo();
        $planting = plantingOf($garden, 'broad-bean');
        $careful = fn (): float => benched($garden, soapOf('1'), ['planting_id' => $planting->id])['strengths'][0]['careful'];
        expect($careful())->toBe(1.5);
        $planting->update(['moved_on' => CarbonImmutable::now()->subDays(3)->toDateString()]);
        expect($careful())->toBe(0.75);
        $planting->update(['moved_on' => CarbonImmutable::now()->subDays(9)->toDateString()]);
        expect($careful())->toBe(1.5);
    });

    it('shows what is in the bottle afterwards, and by which water', function (): void {
        $garden = demo();
        $body = soapOf('1');
        $body['ingredients'][] = ['ingredient' => 'white-vinegar', 'amount' => '0.1 %', 'strength' => '5 %'];
        $safety = benched($garden, $body, ['now' => ['water' => 'distilled']])['safety'];
        // 16.652 of 31.196 mmol of soap are split: 0.466 % left
        expect($safety['left'][0]['said'])->toContain('0.47')->and(array_column($safety['made'], 'name'))->toContain('curds of fatty acid')->not->toContain('soap scum')
            ->and(array_column($safety['jobs'], 'pull'))->toBe(['against', 'against'])->and($safety['known'])->toContain('distilled water');
        expect(array_column(benched($garden, $body)['safety']['made'], 'name'))->toContain('soap scum');
    });

    it('tells where it tips over, and works it out that much stronger', function (): void {
        $garden = demo();
        $planting = plantingOf($garden, 'broad-bean')->id;
        $bench = benched($garden, soapOf('1'), ['planting_id' => $planting]);
        expect($bench['safety']['tipping'])->toMatchArray(['careful' => 1.5, 'stop' => 3])->and($bench['safety']['strengthened'])->toBeNull();
        $stronger = benched($garden, soapOf('1'), ['planting_id' => $planting, 'factor' => 1.6]);
        expect($stronger['severity'])->toBe('caution')->and($stronger['safety']['strengthened']['ingredients'][0]['amount'])->toBe('1.6 %')
            ->and($stronger['strengths'][0]['strength']['likely'])->toEqualWithDelta(1.6, 1e-6);
    });

    it('knows what plants and sprayers had before', function (): void {
        $garden = demo();
        $planting = plantingOf($garden, 'broad-bean');
        $sprayer = $garden->sprayers()->firstOrFail();
        $garden->applications()->create([
            'applied_at' => CarbonImmutable::now()->subDays(2), 'volume_ml' => 500.0, 'snapshot' => [], 'doses' => ['sulfur' => 0.2, 'hypochlorite' => 0.1], 'planting_ids' => [$planting->id], 'sprayer_id' => $sprayer->id,
        ]);
        $oil = soapOf('0.2');
        $oil['ingredients'][] = ['ingredient' => 'vegetable-oil', 'amount' => '1 % v/v'];
        $rules = fn (array $now = []): array => array_column(benched($garden, $oil, ['planting_id' => $planting->id, 'sprayer_id' => $sprayer->id, 'now' => $now])['findings'], 'severity', 'ground');
        expect($rules())->toMatchArray(['spacing.oil-sulfur' => 'caution', 'pair.bleach-organics' => 'stop'])
            ->and($rules(['rinsed' => true]))->not->toHaveKey('pair.bleach-organics');
    });

    it('minds the cat when it is told of one', function (): void {
        $garden = demo();
        $oil = soapOf('0.6');
        $oil['ingredients'][] = ['ingredient' => 'tea-tree-oil', 'amount' => '0.05 % v/v'];
        $orchid = plantingOf($garden, 'moth-orchid')->id;
        expect(benched($garden, $oil, ['planting_id' => $orchid])['severity'])->toBe('stop');
        $garden->update(['around' => []]);
        expect(array_column(benched($garden, $oil, ['planting_id' => $orchid])['findings'], 'rule'))->not->toContain('care');
    });
});

describe('looks at leaves', function (): void {
    it('proposes a test patch for a first use, climbs the ladder, and can be undone', function (): void {
        $garden = demo();
        $planting = plantingOf($garden, 'bay');
        $recipe = $garden->recipes()->where('name', 'Evening soap')->firstOrFail();
        $ladder = benched($garden, $recipe->body, ['planting_id' => $planting->id])['safety']['ladder'];
        expect($ladder['proposed'])->toContain('first use')->and(array_column($ladder['steps'], 'fraction'))->toEqual([0.5, 1]);
        $path = "plantings/$planting->id/looks";
        $saved = $this->postJson(at($garden, $path), ['kind' => 'patch', 'recipe_id' => $recipe->id, 'fraction' => 0.5, 'leaves' => 4])->assertCreated()->json();
        $look = $saved['looks']['looks'][0];
        expect($look['score'])->toBeNull()->and($look['is_due'])->toBeFalse()->and($look['strengths'])->toContain('potassium soap 0.48');
        $answered = $this->putJson(at($garden, "looks/{$look['id']}"), ['version' => 1, 'score' => 0])->assertOk()->json();
        expect($answered['looks']['looks'][0])->toMatchArray(['advice_id' => 'next', 'next_fraction' => 1]);
        $this->putJson(at($garden, "looks/{$look['id']}"), ['version' => 1, 'score' => 5])->assertConflict();
        expect(benched($garden, $recipe->body, ['planting_id' => $planting->id])['safety']['ladder']['proposed'])->toBeNull();
        $this->postJson(at($garden, "changes/{$answered['change']['id']}/undo"))->assertOk();
        expect(Look::query()->findOrFail($look['id'])->score)->toBeNull();
    });

    it('lets an injury of a logged round lower what the planting is held to', function (): void {
        $garden = demo();
        $planting = $garden->plantings()->where('name', 'Tomatoes along the wall')->firstOrFail();
        $application = $garden->applications()->get()->first(fn ($one): bool => in_array($planting->id, $one->planting_ids, true));
        $before = benched($garden, soapOf('1'), ['planting_id' => $planting->id])['strengths'][0]['careful'];
        $saved = $this->postJson(at($garden, "plantings/$planting->id/looks"), ['kind' => 'whole', 'application_id' => $application->id, 'score' => 4])->assertCreated()->json();
        expect($saved['looks']['learned'][0])->toMatchArray(['name' => 'potassium soap', 'prior' => 1.5])->and($saved['looks']['learned'][0]['careful'])->toBeLessThan(1.5);
        $after = benched($garden, soapOf('1'), ['planting_id' => $planting->id]);
        expect($after['strengths'][0]['careful'])->toBeLessThan($before)->and(array_column($after['findings'], 'rule'))->toContain('evidence')->and($after['severity'])->toBe('stop');
    });

    it('refuses what says nothing, and keeps nothing of it', function (array $body, string $field): void {
        $garden = demo();
        $planting = plantingOf($garden, 'tomato');
        $kept = $garden->looks()->count();
        $recipe = $garden->recipes()->firstOrFail()->id;
        $this->postJson(at($garden, "plantings/$planting->id/looks"), array_map(fn ($value) => $value === 'RECIPE' ? $recipe : $value, $body))->assertUnprocessable()->assertJsonValidationErrors([$field]);
        expect($garden->looks()->count())->toBe($kept);
    })->with([
        [['kind' => 'patch'], 'recipe_id'], [['kind' => 'patch', 'recipe_id' => 'RECIPE', 'fraction' => 2], 'fraction'], [['kind' => 'patch', 'recipe_id' => 'RECIPE', 'score' => 11], 'score'],
        [['kind' => 'glance', 'recipe_id' => 'RECIPE'], 'kind'], [['kind' => 'patch', 'recipe_id' => 'RECIPE', 'put_on_at' => '2099-01-01T10:00'], 'put_on_at'],
    ]);

    it('shows the demo garden\'s own story', function (): void {
        $garden = demo();
        $looks = $this->getJson(at($garden, 'plantings/'.$garden->plantings()->where('name', 'Lemons by the door')->firstOrFail()->id.'/looks'))->assertOk()->json();
        expect(array_column($looks['looks'], 'is_due'))->toBe([true, false])->and($looks['looks'][1]['advice_id'])->toBe('next');
    });
});

it('reads a bottle, and says why it cannot', function (): void {
    $read = $this->postJson('/api/bottle', ['text' => 'Aqua, Sodium Laureth Sulfate, Parfum'])->assertOk()->json();
    expect($read['verdict'])->toBe('detergent')->and($read['ingredient'])->toBe('dish-detergent')->and(array_column($read['classes'], 'class'))->toBe(['detergent', 'perfume', 'water']);
    $this->postJson('/api/bottle', ['text' => ' '])->assertUnprocessable()->assertJsonValidationErrors(['text' => 'There is nothing to read']);
});

it('lists the ground of every rule', function (): void {
    $grounds = $this->getJson('/api/grounds')->assertOk()->json();
    expect(count($grounds))->toBeGreaterThan(150)->and(array_column($grounds, 'id'))->toContain('pair.bleach-acid')->toContain('window.soap');
});

it('labels and steps carry the cautions where they belong', function (): void {
    $garden = demo();
    $recipe = $garden->recipes()->where('name', 'Garlic and pepper')->firstOrFail();
    $label = $this->postJson(at($garden, 'bench/label'), ['recipe' => $recipe->body])->assertOk()->json();
    expect(implode(' ', $label['cautions']))->toContain('poison centre')->toContain('bees')->toContain('drain');
    $steps = $this->postJson(at($garden, 'bench/steps'), ['recipe' => $recipe->body])->assertOk()->json('steps');
    $kinds = array_column($steps, 'kind');
    expect(end($kinds))->toBe('clean')->and(json_encode(end($steps)))->toContain('drain')->and(json_encode($steps[0]))->toContain('poison centre');
});

it('has what is to be looked at on Today, until it has been looked at', function (): void {
    $garden = demo();
    $patch = fn (): array => $this->getJson(at($garden, 'today'))->assertOk()->json('patches');
    expect($patch())->toHaveCount(1)->and($patch()[0])->toMatchArray(['planting' => 'Lemons by the door', 'recipe' => 'Oil and soap for scale', 'fraction' => 1]);
    $look = $garden->looks()->whereNull('score')->firstOrFail();
    $this->putJson(at($garden, "looks/$look->id"), ['version' => 1, 'score' => 1, 'note' => 'A trace on one leaf'])->assertOk();
    expect($patch())->toBe([]);
});

it('gives a deleted look back', function (): void {
    $garden = demo();
    $look = $garden->looks()->firstOrFail();
    $change = $this->deleteJson(at($garden, "looks/$look->id"))->assertOk()->json('id');
    expect($garden->looks()->count())->toBe(2);
    $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
    expect($garden->looks()->count())->toBe(3);
});

it('keeps who is about, and refuses who is not known', function (): void {
    $garden = demo();
    $settings = $this->getJson(at($garden))->json('garden');
    $body = array_intersect_key($settings, array_flip(['version', 'name', 'units', 'language', 'time_zone', 'hardness_mg_l', 'alkalinity_mg_l', 'theme']));
    $saved = $this->patchJson(at($garden), $body + ['around' => ['dogs', 'pond']])->assertOk()->json('garden');
    expect($saved['around'])->toBe(['dogs', 'pond'])->and(array_column(benched($garden->refresh(), soapOf('1'))['findings'], 'ground'))->toContain('care.pond');
    $this->patchJson(at($garden), ['version' => $saved['version'], 'around' => ['wolves']] + $body)->assertUnprocessable()->assertJsonValidationErrors(['around.0']);
    // Whoever does not speak of it changes nothing of it.
    $this->patchJson(at($garden), ['version' => $saved['version']] + $body)->assertOk();
    expect($garden->refresh()->around)->toBe(['dogs', 'pond']);
});

it('keeps how a planting is, and judges by it', function (): void {
    $garden = demo();
    $planting = plantingOf($garden, 'broad-bean');
    $body = ['version' => $planting->version, 'plant' => 'broad-bean', 'number' => 12, 'stage' => 'growing'];
    $saved = $this->putJson(at($garden, "plantings/$planting->id"), $body + ['states' => ['hardened', 'sick'], 'moved_on' => '2020-01-01'])->assertOk()->json('planting');
    expect($saved['states'])->toBe(['hardened', 'sick'])->and($saved['moved_on'])->toBe('2020-01-01');
    $bench = benched($garden, soapOf('1'), ['planting_id' => $planting->id]);
    // careful 1.5 × 1.1, no higher than the stop
    expect($bench['strengths'][0]['careful'])->toEqualWithDelta(1.65, 1e-9)->and($bench['strengths'][0]['stop'])->toEqual(3)->and(array_column($bench['findings'], 'ground'))->toContain('condition.sick');
    $this->putJson(at($garden, "plantings/$planting->id"), ['version' => $saved['version'], 'states' => ['grumpy']] + $body)->assertUnprocessable()->assertJsonValidationErrors(['states.0']);
    $this->putJson(at($garden, "plantings/$planting->id"), ['version' => $saved['version'], 'moved_on' => 'soon'] + $body)->assertUnprocessable()->assertJsonValidationErrors(['moved_on']);
});

it('counts sprays in a row, until it has rained or rested', function (): void {
    $garden = demo();
    $planting = plantingOf($garden, 'bay');
    $spray = fn (int $daysAgo) => $garden->applications()->create(['applied_at' => CarbonImmutable::now()->subDays($daysAgo), 'volume_ml' => 500.0, 'snapshot' => [], 'doses' => ['potassium-soap' => 0.9], 'planting_ids' => [$planting->id]]);
    $rules = fn (array $now = []): array => array_column(benched($garden, soapOf('1'), ['planting_id' => $planting->id, 'now' => $now])['findings'], 'ground');
    $spray(30);
    $spray(10);
    $spray(6);
    expect($rules())->not->toContain('spacing.in-a-row');
    $spray(4);
    expect($rules())->toContain('spacing.in-a-row')->not->toContain('modifier.again-within-3-days')->and($rules(['washed' => true]))->not->toContain('spacing.in-a-row');
    $spray(1);
    expect($rules())->toContain('modifier.again-within-3-days');
});

it('makes ratios and shares stronger too, within reason', function (): void {
    $garden = demo();
    $body = ['ingredients' => [['ingredient' => 'liquid-castile-soap', 'amount' => '1:50', 'strength' => '30 %'], ['ingredient' => 'baking-soda', 'amount' => '1 tsp']]] + soapOf('1');
    $stronger = benched($garden, $body, ['factor' => 2])['safety']['strengthened']['ingredients'];
    expect(array_column($stronger, 'amount'))->toBe(['1:25', '2 tsp']);
    // Beyond five times nothing is shown.
    expect(benched($garden, $body, ['factor' => 400])['safety']['strengthened']['ingredients'][1]['amount'])->toBe('5 tsp');
});

it('tells a log entry\'s doses apart from its snapshot, so that the bench can ask', function (): void {
    $garden = demo();
    foreach ($garden->applications()->limit(12)->get() as $entry) {
        expect($entry->doses)->not->toBe([])->and($entry->sprayer_id)->not->toBeNull();
        foreach ($entry->snapshot['mix']['strengths'] as $strength) {
            expect($entry->doses[$strength['substance']])->toEqualWithDelta($strength['strength']['likely'], 1e-9);
        }
        expect($entry->planting_ids)->toBe(array_column($entry->snapshot['plantings'], 'id'));
    }
    expect($this->getJson(at($garden, 'applications'))->json('entries.0.planting_ids'))->toBeArray();
});

it('takes how plantings are out to a table and in again', function (): void {
    $garden = demo();
    $planting = plantingOf($garden, 'broad-bean');
    $planting->update(['states' => ['hardened', 'sick'], 'moved_on' => '2026-05-01']);
    $csv = (string) $this->get(at($garden, 'plantings.csv'))->getContent();
    expect($csv)->toContain('moved_on;states')->toContain('2026-05-01;"hardened sick"');
    $planting->update(['states' => [], 'moved_on' => null]);
    $this->postJson(at($garden, 'plantings/import'), ['csv' => $csv])->assertOk();
    expect($planting->refresh()->states)->toBe(['hardened', 'sick'])->and($planting->moved_on?->toDateString())->toBe('2026-05-01');
    $this->postJson(at($garden, 'plantings/import'), ['csv' => "plant,number,stage,states\nkale,4,young,grumpy\n"])->assertUnprocessable()->assertJsonValidationErrors(['csv.2.states.0']);
});

it('takes back what was said of a planting and of the garden', function (): void {
    $garden = demo();
    $planting = plantingOf($garden, 'broad-bean');
    $change = $this->putJson(at($garden, "plantings/$planting->id"), ['version' => $planting->version, 'plant' => 'broad-bean', 'number' => 12, 'stage' => 'growing', 'states' => ['sick']])->assertOk()->json('change.id');
    expect($planting->refresh()->states)->toBe(['sick']);
    $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
    expect($planting->refresh()->states)->toBe([]);
    $settings = $this->getJson(at($garden))->json('garden');
    $body = array_intersect_key($settings, array_flip(['version', 'name', 'units', 'language', 'time_zone', 'hardness_mg_l', 'alkalinity_mg_l', 'theme']));
    $change = $this->patchJson(at($garden), $body + ['around' => []])->assertOk()->json('change.id');
    $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
    expect($garden->refresh()->around)->toBe(['cats']);
});

it('asks a new garden who is about', function (): void {
    $settings = ['name' => 'Mine', 'units' => 'metric', 'language' => 'en', 'time_zone' => 'Europe/Rome', 'hardness_mg_l' => 80, 'alkalinity_mg_l' => 60, 'theme' => 'auto'];
    $this->postJson('/api/gardens', ['start' => 'empty', 'around' => ['hens']] + $settings)->assertSuccessful();
    expect(Garden::query()->latest('id')->firstOrFail()->around)->toBe(['hens']);
    $this->postJson('/api/gardens', ['start' => 'empty', 'around' => 'hens'] + $settings)->assertUnprocessable()->assertJsonValidationErrors(['around']);
});

it('gets all that is to be minded onto one label', function (array $ingredients, int $tallest): void {
    $garden = demo();
    $pdf = (string) $this->postJson(at($garden, 'bench/label.pdf'), ['recipe' => ['ingredients' => $ingredients, 'name' => 'A long name for a spray of many things'] + soapOf('1')])->assertOk()->getContent();
    expect(preg_match_all('#/Type\s*/Page(?!s)#', $pdf))->toBe(1)
        ->and(preg_match('#/MediaBox \[0\.000 0\.000 283\.460 (\d+)#', $pdf, $box))->toBe(1)
        ->and((int) ($box[1] ?? 0))->toBeLessThanOrEqual($tallest);
})->with([
    'water and soap' => [[['ingredient' => 'liquid-castile-soap', 'amount' => '0.5 %']], 284],
    'garlic and pepper' => [[['ingredient' => 'garlic', 'amount' => '30 g'], ['ingredient' => 'hot-pepper', 'amount' => '10 g'], ['ingredient' => 'liquid-castile-soap', 'amount' => '0.5 %']], 400],
    'as much as there may be' => [[['ingredient' => 'garlic', 'amount' => '30 g'], ['ingredient' => 'tea-tree-oil', 'amount' => '1 mL'], ['ingredient' => 'aspirin-tablet', 'amount' => '100 mg'], ['ingredient' => 'milk', 'amount' => '100 mL'], ['ingredient' => 'isopropyl-alcohol', 'amount' => '300 mL', 'strength' => '91 %'], ['ingredient' => 'liquid-castile-soap', 'amount' => '0.5 %']], 567],
]);

it('calls no water hard that nobody has written down', function (): void {
    $soap = ['format' => 'nebbia.recipe/1', 'name' => 'Neem', 'use' => 'foliar', 'units' => 'metric', 'base' => ['amount' => '1 L', 'basis' => 'added'], 'ingredients' => [['ingredient' => 'neem-oil', 'amount' => '5 mL'], ['ingredient' => 'liquid-castile-soap', 'amount' => '2 mL', 'strength' => '33 %']]];
    $settings = ['name' => 'Windy hill', 'units' => 'metric', 'language' => 'en', 'time_zone' => 'Pacific/Auckland', 'latitude' => null, 'longitude' => null, 'hardness_mg_l' => 150, 'alkalinity_mg_l' => 120, 'theme' => 'auto'];
    $garden = Garden::query()->findOrFail($this->postJson('/api/gardens', ['start' => 'empty'] + $settings)->assertCreated()->json('id'));
    $said = fn (): array => array_column(array_filter($this->postJson(at($garden, 'bench'), ['recipe' => $soap])->assertOk()->json('findings'), static fn (array $one): bool => in_array($one['rule'], ['emulsifier', 'water'], true)), 'severity');
    // 2 mL of a third are 0.066 %; a usual tap takes more: a notice while it is but the usual.
    expect($said())->toBe(['notice']);
    $saved = fn (float $hardness): mixed => $this->patchJson(at($garden), ['version' => $garden->refresh()->version, 'hardness_mg_l' => $hardness] + $settings)->assertOk();
    // Saved again as it stood, nobody has said anything yet.
    $saved(150.0);
    expect($said())->toBe(['notice']);
    $saved(290.0);
    expect($said())->toBe(['caution']);
    $saved(0.0);
    expect($said())->toBe([]);
    // What was once written down stays somebody's own, the usual figure too.
    $saved(150.0);
    expect($said())->toBe(['caution']);
});

it('counts in a pot what was sprayed before, until it is potted anew', function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-05-04 08:20:00', 'UTC'));
    $garden = demo();
    $bean = plantingOf($garden, 'broad-bean');
    $bean->update(['pot_l' => 4.0, 'number' => 2, 'height_cm' => 40.0, 'moved_on' => null]);
    $soda = ['format' => 'nebbia.recipe/1', 'name' => 'Soda', 'use' => 'foliar', 'units' => 'metric', 'base' => ['amount' => '1 L', 'basis' => 'final'], 'ingredients' => [['ingredient' => 'baking-soda', 'amount' => '5 g']]];
    $said = fn (): array => array_column(array_filter($this->postJson(at($garden, 'bench'), ['recipe' => $soda, 'planting_id' => $bean->id])->assertOk()->json('findings'), static fn (array $one): bool => $one['ground'] === 'soil.pot'), 'severity');
    expect($said())->toBe([]);
    $recipe = $this->postJson(at($garden, 'recipes'), ['body' => $soda])->assertCreated()->json('recipe.id');
    $rounds = $this->postJson(at($garden, 'courses'), ['recipe_id' => $recipe, 'planting_ids' => [$bean->id], 'target' => 'powdery-mildew', 'volume' => '600 mL', 'every_days' => 7, 'times' => 2, 'starts_on' => '2026-05-04', 'all_the_same' => true])->assertCreated()->json('course.rounds');
    // 300 mL each: 0.005 x 0.27367 x 300 x 0.45 = 185 mg, in a litre and a third 139 mg/L; beans mind salt from 70, and from 210 it is a caution.
    $this->postJson(at($garden, "rounds/{$rounds[0]['id']}/log"), ['version' => $rounds[0]['version']])->assertSuccessful();
    $this->travelTo(CarbonImmutable::parse('2026-05-06 08:20:00', 'UTC'));
    expect($said())->toBe(['notice']);
    $this->travelTo(CarbonImmutable::parse('2026-05-11 08:20:00', 'UTC'));
    $this->postJson(at($garden, "rounds/{$rounds[1]['id']}/log"), ['version' => $rounds[1]['version']])->assertSuccessful();
    $this->travelTo(CarbonImmutable::parse('2026-05-13 08:20:00', 'UTC'));
    expect($said())->toBe(['caution']);
    $bean->update(['moved_on' => '2026-05-12']);
    expect($said())->toBe([]);
});
