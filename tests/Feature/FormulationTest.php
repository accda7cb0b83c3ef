<?php

declare(strict_types=1);

use App\Models\Application;
use App\Models\Garden;
use App\Models\Product;
use Illuminate\Support\Facades\DB;

function productOf(Garden $garden, string $ingredient): Product
{
    return $garden->products()->where('ingredient', $ingredient)->orderBy('size')->firstOrFail();
}

/** @return array<string, mixed> */
function bodyOf(array $lines, string $base = '1 L', string $basis = 'added'): array
{
    return [
        'format' => 'nebbia.recipe/1', 'name' => 'A test', 'use' => 'foliar', 'units' => 'metric', 'base' => ['amount' => $base, 'basis' => $basis, 'liquid' => 'water'],
        'ingredients' => array_map(static fn (array $line): array => ['ingredient' => $line[0], 'amount' => $line[1]] + (isset($line[2]) ? ['strength' => $line[2]] : []), $lines),
    ];
}

describe('the bench', function (): void {
    it('says how it fits the sprayer, and fills it as often as it takes', function (): void {
        $garden = demo();
        $ask = fn (string $volume): array => $this->postJson(at($garden, 'bench'), [
            'recipe' => bodyOf([['liquid-castile-soap', '250 mL', '33 %']]), 'sprayer_id' => sprayerOf($garden, 2000)->id, 'volume' => $volume,
        ])->assertOk()->json();
        // Usable are 1.7 L. Full of water to that line a fifth of it, 340 mL, has to come out before the soap goes in.
        $one = $ask('1.7 L');
        expect($one['fit'])->toMatchArray(['verdict' => 'fits', 'fills' => 1, 'each' => null, 'if_full' => '340 mL']);
        // 4 L are three fills of 1.333 L; the lines are for one of them: 250 of 1250 mL are 266.67 of 1333.3.
        $three = $ask('4 L');
        expect($three['fit'])->toMatchArray(['verdict' => 'overflows', 'fills' => 3, 'each' => '1.33 L'])
            ->and($three['makes'])->toBe('4 L')->and($three['lines'][0]['volume_ml'])->toEqualWithDelta(266.6667, 1e-3)
            ->and($three['strengths'][0]['strength']['likely'])->toEqualWithDelta($one['strengths'][0]['strength']['likely'], 1e-9);
        expect($ask('1.9 L')['fit']['verdict'])->toBe('takes-the-air');
    });

    it('offers the bottles that can stand in, costs the batch, and says a ratio both ways', function (): void {
        $garden = demo();
        $bench = $this->postJson(at($garden, 'bench'), ['recipe' => bodyOf([['liquid-castile-soap', '20 mL', '33 %'], ['plant-ferment', '1:50']])])->assertOk()->json();
        expect(array_column($bench['lines'][0]['offers'], 'name'))->toBe(['Castile soap from the co-op', 'Home soap of last winter', 'Soap concentrate'])
            ->and($bench['lines'][0]['offers'][0]['is_same'])->toBeTrue()
            // 20 mL of a litre at 14.50.
            ->and($bench['cost'])->toMatchArray(['said' => '0.29 €', 'is_whole' => false])
            // 20 mL of ferment in 1040 mL.
            ->and($bench['lines'][1]['both_ways'])->toBe('1 in 52 of the whole')
            ->and($bench['keeps'])->toBe('Keeps about 21 days.');
    });

    it('measures what a gardener has measured', function (): void {
        $garden = demo();
        $line = $this->postJson(at($garden, 'bench'), ['recipe' => bodyOf([['dish-detergent', 'a squeeze', '20 %']])])->assertOk()->json('lines.0');
        expect($line['volume_ml'])->toEqualWithDelta(1.95, 1e-9);
    });

    it('swaps a bottle, and says what else changes', function (): void {
        $garden = demo();
        $swap = $this->postJson(at($garden, 'bench/swap'), [
            'recipe' => bodyOf([['hydrogen-peroxide', '100 mL', '3 %']]), 'line' => 0, 'product_id' => $garden->products()->where('name', 'Strong peroxide')->firstOrFail()->id,
        ])->assertOk()->json();
        expect($swap['recipe']['ingredients'][0])->toMatchArray(['amount' => '25 mL', 'strength' => '12 %'])
            ->and($swap['recipe']['base']['amount'])->toBe('1075 mL')
            ->and(array_column($swap['findings'], 'severity'))->toContain('caution');
        $this->postJson(at($garden, 'bench/swap'), ['recipe' => bodyOf([['liquid-castile-soap', '20 mL', '33 %']]), 'line' => 0, 'product_id' => productOf($garden, 'dish-detergent')->id])
            ->assertUnprocessable()->assertJsonValidationErrors(['ingredient' => 'no soap']);
        $this->postJson(at($garden, 'bench/swap'), ['recipe' => bodyOf([['liquid-castile-soap', 'lots', '33 %']]), 'line' => 0, 'product_id' => productOf($garden, 'dish-detergent')->id])
            ->assertUnprocessable()->assertJsonValidationErrors(['recipe.ingredients.0.amount' => 'cannot be read']);
    });

    it('says how much is needed, and learns from the log', function (): void {
        $garden = demo();
        $early = $garden->plantings()->where('name', 'Broad beans, early row')->firstOrFail();
        $vines = $garden->plantings()->where('name', 'Young vine at the post')->firstOrFail();
        $need = $this->postJson(at($garden, 'bench/need'), ['planting_ids' => [$early->id, $vines->id], 'wetting' => 'run-off'])->assertOk()->json();
        expect(array_column($need['stands'], 'name'))->toEqualCanonicalizing(['Broad beans, early row', 'Young vine at the post'])
            ->and($need['total_ml']['low'])->toBeLessThan($need['total_ml']['likely'])
            ->and(implode(' ', array_column($need['stands'], 'because')))->toContain('Corrected by 6 rounds of your own')
            ->and($need['ways'])->not->toBe([]);
        $this->postJson(at($garden, 'bench/need'), ['planting_ids' => [$early->id], 'wetting' => 'drench'])->assertUnprocessable()->assertJsonValidationErrors(['pot_l' => 'How large is a pot']);
        $this->postJson(at($garden, 'bench/need'), ['planting_ids' => [], 'wetting' => 'ground', 'ground_m2' => '12,5'])->assertOk()->assertJsonPath('said', '1.25 L');
        $this->postJson(at($garden, 'bench/need'), ['planting_ids' => [], 'wetting' => 'ground', 'ground_m2' => 'big'])->assertUnprocessable()->assertJsonValidationErrors(['ground_m2' => 'like 12 m²']);
    });

    it('puts recipes side by side', function (): void {
        $garden = demo();
        $ids = [recipeNamed($garden, 'Evening soap')->id, recipeNamed($garden, 'Gentle soap')->id, recipeNamed($garden, 'Neem at dusk')->id];
        // Within three days of the same they would bear less.
        $garden->applications()->where('applied_at', '>', now()->subDays(4))->delete();
        $comparison = $this->postJson(at($garden, 'bench/compare'), ['recipe_ids' => $ids, 'planting_id' => plantingOf($garden, 'fuchsia')->id])->assertOk()->json();
        [$soap] = $comparison['substances'];
        // 30 mL of 33 % in 1030: 0.961 %; 16 mL in 1016: 0.52 %.
        expect(array_column($comparison['recipes'], 'name'))->toBe(['Evening soap', 'Gentle soap', 'Neem at dusk'])
            ->and($soap['careful'])->toBe(0.6)->and($soap['strengths'][0])->toMatchArray(['said' => '0.96 %', 'standing' => 'middle', 'severity' => 'caution'])
            ->and($soap['strengths'][1])->toMatchArray(['said' => '0.52 %', 'standing' => 'mild']);
        $this->postJson(at($garden, 'bench/compare'), ['recipe_ids' => [$ids[0]]])->assertUnprocessable()->assertJsonValidationErrors(['recipe_ids' => '2 to 6']);
    });

    it('plans the mixing step by step, and finds a way out of a spoon too much', function (): void {
        $garden = demo();
        $request = ['recipe' => bodyOf([['baking-soda', '5 g'], ['liquid-castile-soap', '1 tsp', '33 %']]), 'sprayer_id' => sprayerOf($garden, 8000)->id, 'volume' => '1005 mL'];
        $plan = $this->postJson(at($garden, 'bench/steps'), $request)->assertOk()->json();
        expect(array_column($plan['steps'], 'kind'))->toBe(['base', 'dissolve', 'pour', 'level', 'mix', 'label', 'use', 'clean'])
            ->and($plan['steps'][2]['level_ml'])->toEqualWithDelta(1005.0, 1e-6);
        $rescue = $this->postJson(at($garden, 'bench/rescue'), $request + ['in' => [0, 1], 'base_ml' => 1000.0, 'line' => 1, 'put' => '1 tbsp'])->assertOk()->json();
        // A metric tablespoon is three teaspoons: three times as much of everything, 3.015 L.
        expect($rescue['ways'][0])->toMatchArray(['kind' => 'larger', 'makes' => '3.02 L'])
            ->and(implode(' ', $rescue['ways'][0]['steps']))->toContain('Add water: 2 L')->toContain('Add baking soda: 10 g');
        $this->postJson(at($garden, 'bench/rescue'), $request + ['in' => [0], 'base_ml' => 1000.0, 'line' => 1, 'put' => 'oops'])->assertUnprocessable()->assertJsonValidationErrors(['put' => 'cannot be read']);
        $this->postJson(at($garden, 'bench/rescue'), $request + ['in' => [0], 'base_ml' => 1000.0, 'line' => 9, 'put' => '1 tbsp'])->assertUnprocessable();
    });

    it('prints a label', function (): void {
        $garden = demo();
        $request = ['recipe' => recipeNamed($garden, 'Neem at dusk')->body, 'sprayer_id' => sprayerOf($garden, 750)->id];
        $label = $this->postJson(at($garden, 'bench/label'), $request)->assertOk()->json();
        expect($label['name'])->toBe('Neem at dusk')->and($label['contents'][0])->toBe('neem oil 0.75 % by volume')->and($label['use_by'])->not->toBeNull();
        $pdf = $this->postJson(at($garden, 'bench/label.pdf'), $request)->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        expect($pdf)->toStartWith('%PDF-')->and(strlen((string) $pdf))->toBeGreaterThan(2000);
    });

    it('reads a recipe in plain words', function (): void {
        $garden = demo();
        $read = $this->postJson(at($garden, 'read'), ['text' => 'Half a teaspoon of washing-up liquid to a litre of lukewarm water, spray weekly.'])->assertOk()->json();
        expect($read['recipe']['ingredients'])->toBe([['ingredient' => 'dish-detergent', 'amount' => '1/2 tsp']])->and(array_column($read['doubts'], 'kind'))->toBe(['missing-strength'])
            ->and($read['recipe']['units'])->toBe('metric');
        $this->postJson(at($garden, 'read'), ['text' => ''])->assertUnprocessable()->assertJsonValidationErrors(['text' => 'nothing to read']);
    });
});

describe('the pantry', function (): void {
    it('keeps bottles, changes and undoes them', function (): void {
        $garden = demo();
        $added = $this->postJson(at($garden, 'products'), ['ingredient' => 'peroxide', 'strength' => '20 volumes', 'size' => '0,5 L', 'price' => '3,90', 'opened_on' => '2026-01-02'])->assertCreated()->json();
        expect($added['product'])->toMatchArray(['name' => 'Hydrogen peroxide', 'ingredient' => 'hydrogen-peroxide', 'left' => 500.0, 'price' => 3.9, 'left_words' => '500 mL']);
        $id = $added['product']['id'];
        $changed = ['ingredient' => 'hydrogen-peroxide', 'strength' => '6 %', 'size' => '500 mL', 'left' => '0'];
        $this->putJson(at($garden, "products/$id"), $changed + ['version' => 1])->assertOk()->assertJsonPath('product.left', 0.0);
        $this->putJson(at($garden, "products/$id"), $changed + ['version' => 1])->assertConflict();
        $change = $this->deleteJson(at($garden, "products/$id"))->assertOk()->json('id');
        expect($garden->products()->find($id))->toBeNull();
        $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
        expect($garden->products()->find($id)?->strength)->toBe('6 %');
    });

    it('keeps a bottle of one\'s own by its name, asked whether it is poured', function (): void {
        $garden = demo();
        $this->postJson(at($garden, 'products'), ['ingredient' => 'Moonshine', 'own' => 'liquid', 'size' => '500 mL'])->assertCreated()
            ->assertJsonPath('product.ingredient', 'other')->assertJsonPath('product.kind', 'Moonshine')->assertJsonPath('product.left_words', '500 mL');
        $this->postJson(at($garden, 'products'), ['ingredient' => 'Rue powder', 'own' => 'solid', 'size' => '200 g'])->assertCreated()
            ->assertJsonPath('product.ingredient', 'other-solid')->assertJsonPath('product.is_liquid', false);
        // What is known is what it is, whatever is pressed.
        $this->postJson(at($garden, 'products'), ['ingredient' => 'baking soda', 'own' => 'liquid'])->assertCreated()->assertJsonPath('product.ingredient', 'baking-soda');
        $mix = $this->postJson(at($garden, 'bench'), ['recipe' => ['format' => 'nebbia.recipe/1', 'name' => 'Sip', 'base' => ['liquid' => 'water', 'amount' => '1 L', 'basis' => 'added'], 'use' => 'foliar',
            'ingredients' => [['ingredient' => 'other', 'name' => 'moonshine', 'amount' => '20 mL']]]]);
        expect(json_encode($mix->assertOk()->json()))->toContain('"name":"Moonshine"');
        $this->getJson(at($garden, 'pantry'))->assertOk();
    });

    it('refuses a bottle that cannot be, at its field', function (array $product, string $field, string $says): void {
        $garden = demo();
        $before = Product::query()->count();
        $this->postJson(at($garden, 'products'), $product)->assertUnprocessable()->assertJsonValidationErrors([$field => $says]);
        expect(Product::query()->count())->toBe($before);
    })->with([
        [['ingredient' => ''], 'ingredient', 'What is in it'], [['ingredient' => 'moonshine powder'], 'ingredient', 'not an ingredient'],
        [['ingredient' => 'neem-oil', 'strength' => '3 volumes'], 'strength', 'hydrogen peroxide only'], [['ingredient' => 'neem-oil', 'size' => 'big'], 'size', 'cannot be read'],
        [['ingredient' => 'neem-oil', 'size' => '3 cloves'], 'size', 'is a liquid'], [['ingredient' => 'neem-oil', 'price' => 'dear'], 'price', 'must be a number'],
        [['ingredient' => 'neem-oil', 'density' => '9'], 'density', 'between 0.1 and 3'], [['ingredient' => 'neem-oil', 'best_before' => 'soon'], 'best_before', 'no day'],
    ]);

    it('takes out of the bottle what was logged, and puts it back when that is undone', function (): void {
        $garden = demo();
        $soap = productOf($garden, 'liquid-castile-soap');
        $round = $garden->rounds()->where('status', 'planned')->whereHas('course.recipe', fn ($recipe) => $recipe->where('name', 'Gentle soap'))->orderBy('due_on')->firstOrFail();
        $answer = $this->postJson(at($garden, "rounds/$round->id/log"), ['version' => $round->version, 'volume' => '508 mL'])->assertOk()->json();
        // 16 mL in 1016: 8 mL in 508; 610 were there.
        expect($soap->refresh()->left)->toEqualWithDelta(602.0, 1e-6);
        $log = Application::query()->where('round_id', $round->id)->firstOrFail();
        expect($log->snapshot['taken'][0]['amount'])->toEqualWithDelta(8.0, 1e-9)->and($log->snapshot['cost']['said'])->toBe('0.12 €');
        $entry = $this->getJson(at($garden, 'applications'))->assertOk()->json('entries.0');
        expect($entry['taken'])->toBe(['8 mL out of Castile soap from the co-op'])->and($entry['cost'])->toBe('0.12 €');
        $this->postJson(at($garden, "changes/{$answer['change']['id']}/undo"))->assertOk();
        expect($soap->refresh()->left)->toEqualWithDelta(610.0, 1e-6);
    });

    it('lists what has to be bought, and as a table', function (): void {
        $garden = demo();
        $list = $this->getJson(at($garden, 'shopping'))->assertOk()->json();
        expect($list['rounds'])->toBeGreaterThan(0)->and(array_column($list['wants'], 'name'))->toContain('Castile soap from the co-op');
        Product::query()->where('name', 'Sunflower oil')->firstOrFail()->update(['left' => 1.0]);
        $oil = collect($this->getJson(at($garden, 'shopping'))->json('wants'))->firstWhere('name', 'Sunflower oil');
        expect($oil['missing'])->not->toBeNull()->and($oil['buy'])->toBe('1 × 1 L')->and($oil['cost'])->toBe('2.60 €');
        $csv = $this->get(at($garden, 'shopping.csv'))->assertOk()->getContent();
        expect($csv)->toStartWith("\u{FEFF}name;ingredient;needed")->toContain('"Sunflower oil";vegetable-oil');
    });

    it('keeps tools and measures of one\'s own', function (): void {
        $garden = demo();
        $tool = $this->postJson(at($garden, 'tools'), ['name' => 'Little syringe', 'kind' => 'graduated', 'size' => '1 mL', 'step' => '0,05 mL'])->assertCreated()->json('tool');
        expect($tool)->toMatchArray(['size' => '1 mL', 'step' => '0.05 mL']);
        $this->putJson(at($garden, "tools/{$tool['id']}"), ['version' => 1, 'name' => 'Little syringe', 'kind' => 'graduated', 'size' => '2 mL', 'step' => '0.1 mL'])->assertOk()->assertJsonPath('tool.size', '2 mL');
        $this->deleteJson(at($garden, "tools/{$tool['id']}"))->assertOk();
        $this->postJson(at($garden, 'tools'), ['name' => 'x', 'kind' => 'scale', 'size' => '5 kg', 'step' => '1 mL'])->assertUnprocessable()->assertJsonValidationErrors(['step' => 'above zero']);
        $drop = $this->postJson(at($garden, 'own-measures'), ['unit' => 'drop', 'ingredient' => 'neem oil', 'count' => 20, 'totals' => ['0.7 mL'], 'step' => '0.1 mL'])->assertCreated()->json('own_measure') ?? $this->getJson(at($garden, 'pantry'))->json('own_measures.0');
        expect($drop['said'])->toBe('0.035 mL')->and($drop['range'])->toBe('0.0315 to 0.0385 mL');
        $this->postJson(at($garden, 'own-measures'), ['unit' => 'teaspoon', 'count' => 1, 'totals' => ['5 mL']])->assertUnprocessable()->assertJsonValidationErrors(['unit' => 'not a measure']);
        $this->postJson(at($garden, 'own-measures'), ['unit' => 'drop', 'count' => 20, 'totals' => ['lots']])->assertUnprocessable()->assertJsonValidationErrors(['totals' => 'cannot be read']);
    });

    it('calibrates a sprayer once, and says what it last held', function (): void {
        $garden = demo();
        $hand = sprayerOf($garden, 750);
        $this->putJson(at($garden, "sprayers/$hand->id"), ['version' => $hand->version, 'name' => 'Hand bottle', 'capacity' => '750 mL', 'usable_fraction' => '0,9', 'ten_squeezes' => '11 mL', 'finest_passage_mm' => '0,4'])
            ->assertOk()->assertJsonPath('sprayer.ml_per_squeeze', 1.1);
        $held = collect($this->getJson(at($garden, 'pantry'))->json('sprayers'))->firstWhere('sprayer.name', 'Hand bottle');
        expect($held['held']['recipe'])->toBe('Gentle soap');
        $this->putJson(at($garden, "sprayers/$hand->id"), ['version' => $hand->version + 1, 'name' => 'Hand bottle', 'capacity' => '750 mL', 'finest_passage_mm' => '0'])->assertUnprocessable();
    });

    it('asks the database no more for more bottles', function (): void {
        $garden = demo();
        $count = function () use ($garden): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->getJson(at($garden, 'pantry'))->assertOk();

            return count(DB::getQueryLog());
        };
        $before = $count();
        foreach (range(1, 20) as $n) {
            $garden->products()->create(['name' => "Bottle $n", 'ingredient' => 'neem-oil']);
        }
        expect($count())->toBe($before);
    });
});
