<?php

declare(strict_types=1);

use App\Http\Requests\TypedRequest;
use App\Rounds\Requests\CourseRequest;
use App\Settings\Requests\SettingsRules;
use Illuminate\Support\Str;
use Nebbia\Core\Data\Sentence\Catalogue;

// A field is declared once, in the rules: its messages stand in the catalogue under its name, its schema is drawn from it.

it('has no message of a field that no request has', function (): void {
    $fields = [];
    foreach (glob(app_path('*/Requests/*.php')) ?: [] as $file) {
        $class = 'App'.strtr(substr($file, strlen(app_path()), -4), '/', '\\');
        if ($class === SettingsRules::class || (is_subclass_of($class, TypedRequest::class) && ! (new ReflectionClass($class))->isAbstract())) {
            $name = Str::kebab((string) preg_replace('/(Request|Rules)$/', '', class_basename($class)));
            $fields[$name] = array_keys($class === SettingsRules::class ? SettingsRules::all() : (new $class)->rules());
        }
    }
    $dead = [];
    foreach (app(Catalogue::class)->under('request.') as $key) {
        [, $request, $field] = explode('.', $key, 3);
        // A whole list of fields, or one rule of a field, may be meant.
        $known = array_filter($fields[$request] ?? [], static fn (string $one): bool => $one === $field || str_starts_with($field, "$one.") || Str::is($field, $one));
        if ($known === []) {
            $dead[] = $key;
        }
    }
    expect($dead)->toBe([]);
});

it('says what is wrong with a field in the words of the catalogue, with its figures', function (): void {
    $garden = demo();
    $this->postJson(at($garden, 'plantings'), ['plant' => 'rose', 'number' => 1, 'stage' => 'asleep'])->assertUnprocessable()
        ->assertJsonPath('errors.stage.0', 'Choose one of the stages: seedling, cutting, young, growing, flowering, fruiting, dormant.');
    $this->postJson(at($garden, 'courses'), [])->assertUnprocessable()->assertJsonPath('errors.recipe_id.0', 'No recipe is chosen: take one to the bench first.');
});

it('draws the schema of a request from its rules', function (): void {
    $schemas = json_decode((string) file_get_contents(base_path('docs/openapi.json')), true)['components']['schemas'];
    $course = $schemas['NewCourse'];
    expect(array_keys($course['properties']))->toBe(array_values(array_filter(array_keys((new CourseRequest)->rules()), static fn (string $field): bool => ! str_contains($field, '.'))))
        ->and($course['required'])->toBe(['recipe_id', 'planting_ids', 'every_days', 'times', 'starts_on'])
        ->and($course['properties']['planting_ids'])->toBe(['type' => 'array', 'items' => ['type' => 'string']])
        ->and($course['properties']['purpose'])->toBe(['type' => 'string', 'enum' => ['outbreak', 'prevention']])
        ->and($course['properties']['starts_on'])->toBe(['type' => 'string', 'format' => 'date'])
        ->and($course['properties']['volume'])->toBe(['description' => 'As typed; the sprayer\'s usable volume if left out.', 'type' => ['string', 'null']])
        ->and($course['properties']['rounds']['items'])->toBe(['$ref' => '#/components/schemas/ChosenRound'])
        ->and($schemas['ChosenRound']['required'])->toBe(['day'])->and(array_keys($schemas['ChosenRound']['properties']))->toBe(['day', 'hour'])
        ->and($schemas['PreparationChange']['properties']['test']['required'])->toBe(['clear', 'ph'])
        // A number may stand as it was typed; a list that grows with the data is no part of the format.
        ->and($schemas['NewPlanting']['properties']['height_cm']['oneOf'])->toBe([['type' => 'number'], ['type' => 'string'], ['type' => 'null']])
        ->and($schemas['NewTacticUse']['properties']['tactic'])->toBe(['type' => 'string']);
});
