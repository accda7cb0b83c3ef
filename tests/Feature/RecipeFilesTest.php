<?php

declare(strict_types=1);

use App\Models\Garden;
use Opis\JsonSchema\Validator;

it('gives each recipe and all of them by their format, and another garden takes them as they are', function (): void {
    $garden = demo();
    $soap = recipeNamed($garden, 'Evening soap');
    $one = (string) $this->get(at($garden, "recipes/$soap->id/recipe.json"))->assertOk()->getContent();
    $all = (string) $this->get(at($garden, 'recipes.json'))->assertOk()->getContent();
    $schema = (string) file_get_contents(base_path('docs/formats/nebbia.recipe-1.schema.json'));
    foreach ([json_decode($one), ...json_decode($all)] as $body) {
        expect((new Validator)->validate($body, $schema)->isValid())->toBeTrue($body->name);
    }
    $other = Garden::query()->create(['name' => 'Other', 'time_zone' => 'America/Chicago', 'units' => 'us', 'language' => 'en', 'hardness_mg_l' => 1, 'alkalinity_mg_l' => 1, 'theme' => 'auto']);
    $said = $this->postJson(at($other, 'recipes/import'), ['text' => $one])->assertCreated()->json();
    expect($said['said'])->toBe('One recipe is brought in.')->and(recipeNamed($other, 'Evening soap')->note)->toBe($soap->note);
    $said = $this->postJson(at($other, 'recipes/import'), ['text' => "\u{FEFF}$all"])->assertCreated()->json();
    expect($said['said'])->toBe('8 recipes are brought in, one was here already.')
        ->and((string) $this->get(at($other, 'recipes.json'))->getContent())->toBe($all);
    $this->postJson(at($other, "changes/{$said['change']['id']}/undo"))->assertOk();
    expect($other->recipes()->count())->toBe(1);
});

it('takes all of a file or nothing, and says which one is wrong', function (string $text, string $said): void {
    $garden = demo();
    $before = $garden->recipes()->count();
    $this->postJson(at($garden, 'recipes/import'), ['text' => $text])->assertUnprocessable()->assertJsonValidationErrors(['text' => $said]);
    expect($garden->recipes()->count())->toBe($before);
})->with([
    'a letter' => ['Dear aunt', 'no file of recipes'],
    'none' => ['[]', 'no recipe in this file'],
    'a number' => ['7', 'Recipe 1'],
    'the second is of nothing' => ['[{"format":"nebbia.recipe/1","name":"A","use":"foliar","units":"metric","base":{"amount":"1 L","basis":"added","liquid":"water"},"ingredients":[{"ingredient":"milk","amount":"10 %"}]},{"format":"nebbia.recipe/1","name":"B","use":"foliar","units":"metric","base":{"amount":"1 L","basis":"added","liquid":"water"},"ingredients":[{"ingredient":"unobtainium","amount":"1 mL"}]}]', 'Recipe 2 (B)'],
]);

it('lets go of the jar of this shelf, which another has not', function (): void {
    $garden = demo();
    $stock = $garden->recipes()->get()->first(static fn ($one): bool => str_contains((string) json_encode($one->body), 'extract'));
    $body = $stock->body;
    $body['ingredients'][0]['preparation'] = $garden->preparations()->firstOrFail()->id;
    $stock->update(['body' => $body]);
    expect((string) $this->get(at($garden, "recipes/$stock->id/recipe.json"))->getContent())->not->toContain('"preparation"');
});
