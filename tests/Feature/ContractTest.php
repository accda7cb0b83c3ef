<?php

declare(strict_types=1);

use App\Models\Garden;
use App\Settings\Writes\StartGarden;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;
use Tests\Support\DemoOnce;

/** What the API says of itself, held against what it answers. */
function breach(string $schema, mixed $answer): string
{
    $document = json_decode((string) file_get_contents(base_path('docs/openapi.json')), true);
    $list = str_starts_with($schema, '[]');
    $ref = ['$ref' => '#/components/schemas/'.ltrim($schema, '[]')];
    $root = ['$id' => 'urn:nebbia:api', 'components' => $document['components']] + ($list ? ['type' => 'array', 'minItems' => 1, 'items' => $ref] : $ref);
    $error = (new Validator)->validate(Helper::toJSON($answer), json_encode($root))->error();
    while ($error !== null && $error->subErrors() !== []) {
        $error = $error->subErrors()[0];
    }

    return $error === null ? '' : implode('.', $error->data()->fullPath()).': '.$error->message();
}

function contractGarden(): Garden
{
    return DemoOnce::garden();
}

it('would notice an answer that breaks its word', function (): void {
    expect(breach('Change', ['id' => 'x']))->not->toBe('')->and(breach('Change', ['id' => 'x', 'label' => 'y']))->toBe('')->and(breach('Change', ['id' => 5, 'label' => 'y']))->not->toBe('');
});

it('answers every question as its document says', function (string $path, string $schema): void {
    $garden = contractGarden();
    $recipe = $garden->recipes()->firstOrFail();
    $answer = $this->getJson(str_replace(['{garden}', '{round}', '{recipe}', '{trouble}', '{preparation}'], [$garden->id, $garden->rounds()->where('status', 'planned')->firstOrFail()->id, $recipe->id, $garden->troubles()->where('target', 'aphid')->firstOrFail()->id, $garden->preparations()->firstOrFail()->id], $path))->assertOk()->json();
    expect(breach($schema, $answer))->toBe('');
})->with([
    ['/api/gardens', '[]Garden'],
    ['/api/knowledge', 'Knowledge'],
    ['/api/gardens/{garden}', 'OpenGarden'],
    ['/api/gardens/{garden}/today', 'Today'],
    ['/api/gardens/{garden}/recipes', '[]Recipe'],
    ['/api/gardens/{garden}/recipes/{recipe}', 'Recipe'],
    ['/api/gardens/{garden}/recipes/{recipe}/versions', '[]RecipeVersion'],
    ['/api/gardens/{garden}/courses', '[]Course'],
    ['/api/gardens/{garden}/applications', 'NotebookPage'],
    ['/api/signs', 'Signs'],
    ['/api/gardens/{garden}/plot', 'Plot'],
    ['/api/gardens/{garden}/troubles', '[]TroubleBrief'],
    ['/api/gardens/{garden}/troubles/{trouble}', 'TroublePage'],
    ['/api/gardens/{garden}/pantry', 'Pantry'],
    ['/api/gardens/{garden}/shopping', 'Shopping'],
    ['/api/gardens/{garden}/preparations', 'MadeAhead'],
    ['/api/gardens/{garden}/preparations/{preparation}', 'PreparationStory'],
    ['/api/gardens/{garden}/other-uses', 'OtherUses'],
    ['/api/gardens/{garden}/ribbon', 'Ribbon'],
    ['/api/gardens/{garden}/replans', '[]Replan'],
    ['/api/gardens/{garden}/weather', '[]WeatherDay'],
    ['/api/gardens/{garden}/lanes', 'Lanes'],
    ['/api/gardens/{garden}/rounds/{round}/days', '[]RoundDay'],
]);

it('answers every change as its document says', function (): void {
    $garden = contractGarden();
    $recipe = $garden->recipes()->firstOrFail();
    $planting = $garden->plantings()->firstOrFail();
    $round = $garden->rounds()->where('status', 'planned')->firstOrFail();
    $base = "/api/gardens/$garden->id";
    $answers = [
        'Bench' => $this->postJson("$base/bench", ['recipe' => $recipe->body, 'planting_id' => $planting->id]),
        'SavedRecipe' => $this->putJson("$base/recipes/$recipe->id", ['version' => 1, 'body' => $recipe->body]),
        'PlannedCourse' => $this->postJson("$base/courses", ['recipe_id' => $recipe->id, 'planting_ids' => [$planting->id], 'every_days' => 3, 'times' => 2, 'starts_on' => '2026-05-01']),
        'ChangedRound' => $this->postJson("$base/rounds/$round->id/log", ['version' => 1]),
        'SavedPlanting' => $this->postJson("$base/plantings", ['plant' => 'basil', 'number' => 3, 'stage' => 'young']),
        'SavedSprayer' => $this->postJson("$base/sprayers", ['name' => 'Can', 'capacity' => '1 L']),
        'Change' => $this->deleteJson("$base/plantings/$planting->id"),
        'Diagnosis' => $this->postJson("$base/scout", ['present' => ['sticky-film'], 'absent' => [], 'planting_id' => $garden->plantings()->latest('id')->firstOrFail()->id]),
        'SavedScouting' => $this->postJson("$base/scoutings", ['present' => ['sticky-film'], 'absent' => [], 'as' => 'trouble', 'planting_id' => $garden->plantings()->latest('id')->firstOrFail()->id]),
        'Looks' => $this->getJson("$base/plantings/{$garden->plantings()->latest('id')->firstOrFail()->id}/looks"),
        'SavedLook' => $this->postJson("$base/plantings/{$garden->plantings()->latest('id')->firstOrFail()->id}/looks", ['kind' => 'patch', 'recipe_id' => $recipe->id, 'fraction' => 0.5]),
        'Making' => $this->postJson("$base/makings", ['kind' => 'ash-water']),
        'SoapBench' => $this->postJson("$base/soap", ['soap' => ['oils' => ['olive' => '500 g']]]),
        'SavedPreparation' => $this->patchJson("$base/preparations/".$garden->preparations()->firstOrFail()->id, ['version' => $garden->preparations()->firstOrFail()->version, 'left' => '100 mL']),
        'Suggestion' => $this->postJson("$base/rounds/suggest", ['recipe_id' => $recipe->id, 'planting_ids' => [], 'target' => 'aphid', 'starts_on' => now()->toDateString()]),
        'LabelReading' => $this->postJson('/api/bottle', ['text' => 'Aqua, Potassium Oleate, 15-30 % soap']),
        'SavedZone' => $this->postJson("$base/zones", ['name' => 'The sill']),
        'ImportedPlantings' => $this->postJson("$base/plantings/import", ['csv' => "plant,number,stage\nkale,4,young\n"]),
        'Invalid' => $this->postJson("$base/bench", ['recipe' => []]),
        'Stale' => $this->putJson("$base/recipes/$recipe->id", ['version' => 1, 'body' => $recipe->body]),
        'Failure' => $this->getJson("$base/recipes/none"),
    ];
    foreach ($answers as $schema => $answer) {
        expect(breach($schema, $answer->json()))->toBe('', $schema);
    }
});

it('describes every route there is, and no other', function (): void {
    $document = json_decode((string) file_get_contents(base_path('docs/openapi.json')), true);
    $described = [];
    foreach ($document['paths'] as $path => $operations) {
        foreach (array_keys($operations) as $method) {
            $described[] = strtoupper($method).' '.$path;
        }
    }
    $routed = [];
    foreach (app('router')->getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'api/') && $route->uri() !== 'api/empty') {
            $routed[] = array_diff($route->methods(), ['HEAD'])[0].' /'.$route->uri();
        }
    }
    sort($described);
    sort($routed);
    expect($described)->toBe($routed);
});

it('lets no garden reach into another', function (string $method, string $path, array $body): void {
    $garden = contractGarden();
    $other = app(StartGarden::class)->empty(['name' => 'Other', 'units' => 'us', 'language' => 'en', 'time_zone' => 'UTC', 'hardness_mg_l' => 1.0, 'alkalinity_mg_l' => 1.0, 'theme' => 'auto']);
    $ids = [
        '{batch}' => $garden->batches()->firstOrFail()->id, '{recipe}' => $garden->recipes()->firstOrFail()->id, '{round}' => $garden->rounds()->where('status', 'planned')->firstOrFail()->id,
        '{course}' => $garden->courses()->firstOrFail()->id, '{planting}' => $garden->plantings()->firstOrFail()->id, '{sprayer}' => $garden->sprayers()->firstOrFail()->id,
        '{zone}' => $garden->zones()->firstOrFail()->id, '{trouble}' => $garden->troubles()->firstOrFail()->id, '{scouting}' => $garden->scoutings()->firstOrFail()->id, '{count}' => $garden->counts()->firstOrFail()->id, '{look}' => $garden->looks()->firstOrFail()->id, '{preparation}' => $garden->preparations()->firstOrFail()->id,
    ];
    $before = [$garden->rounds()->count(), $garden->recipes()->count(), $garden->plantings()->count(), $garden->sprayers()->count(), $garden->applications()->count(), $garden->troubles()->count(), $garden->counts()->count(), $garden->scoutings()->count()];
    $body = array_map(fn (mixed $value): mixed => is_string($value) ? strtr($value, $ids) : $value, $body);
    $this->json($method, "/api/gardens/$other->id/".strtr($path, $ids), $body)->assertNotFound();
    expect([$garden->rounds()->count(), $garden->recipes()->count(), $garden->plantings()->count(), $garden->sprayers()->count(), $garden->applications()->count(), $garden->troubles()->count(), $garden->counts()->count(), $garden->scoutings()->count()])->toBe($before);
})->with([
    ['GET', 'recipes/{recipe}', []], ['PUT', 'recipes/{recipe}', ['version' => 1, 'body' => ['name' => 'x']]], ['DELETE', 'recipes/{recipe}', []],
    ['POST', 'recipes/{recipe}/copy', []], ['GET', 'recipes/{recipe}/versions', []], ['DELETE', 'courses/{course}', []],
    ['GET', 'rounds/{round}/days', []], ['POST', 'rounds/{round}/later', ['version' => 1]], ['POST', 'batches/{batch}/gone', []], ['POST', 'courses/{course}/replan', []],
    ['POST', 'rounds/{round}/log', ['version' => 1]], ['POST', 'rounds/{round}/move', ['version' => 1, 'due_on' => '2026-05-05']], ['POST', 'rounds/{round}/skip', ['version' => 1]],
    ['GET', 'plantings/{planting}/looks', []], ['POST', 'plantings/{planting}/looks', ['kind' => 'patch', 'recipe_id' => '{recipe}']], ['PUT', 'looks/{look}', ['version' => 1, 'score' => 1]], ['DELETE', 'looks/{look}', []],
    ['DELETE', 'plantings/{planting}', []], ['DELETE', 'sprayers/{sprayer}', []],
    ['GET', 'preparations/{preparation}', []], ['PATCH', 'preparations/{preparation}', ['version' => 1, 'left' => '0']], ['DELETE', 'preparations/{preparation}', []], ['POST', 'makings', ['kind' => 'ash-water', 'sprayer_id' => '{sprayer}']],
    ['PUT', 'plantings/{planting}', ['version' => 1, 'plant' => 'kale', 'number' => 1, 'stage' => 'young']], ['POST', 'plantings/{planting}/retire', ['version' => 1]],
    ['PUT', 'zones/{zone}', ['version' => 1, 'name' => 'Mine']], ['DELETE', 'zones/{zone}', []],
    ['POST', 'scout', ['planting_id' => '{planting}', 'present' => [], 'absent' => []]], ['POST', 'scoutings', ['planting_id' => '{planting}', 'present' => [], 'absent' => [], 'as' => 'trouble']],
    ['GET', 'scoutings/{scouting}/photo', []], ['GET', 'troubles/{trouble}', []], ['PATCH', 'troubles/{trouble}', ['version' => 1, 'status' => 'closed']],
    ['POST', 'troubles/{trouble}/counts', ['counts' => [1]]], ['POST', 'troubles/{trouble}/tactics', ['tactic' => 'hand-pick']], ['DELETE', 'counts/{count}', []],
    ['POST', 'courses', ['recipe_id' => '{recipe}', 'planting_ids' => [], 'every_days' => 3, 'times' => 2, 'starts_on' => '2026-05-01']],
]);
