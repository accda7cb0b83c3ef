<?php

declare(strict_types=1);

use App\Http\Requests\ReadByCore;
use App\Http\Requests\TypedRequest;
use Illuminate\Foundation\Http\FormRequest;

// No screen reads numbers by itself: what was typed is sent, and is read here or complained of at its field.

/** @return list<class-string<FormRequest>> */
function everyRequest(): array
{
    $classes = array_map(static fn (string $file): string => 'App'.strtr(substr($file, strlen(app_path()), -4), '/', '\\'), glob(app_path('*/Requests/*.php')) ?: []);

    return array_values(array_filter($classes, static fn (string $class): bool => is_subclass_of($class, FormRequest::class) && ! (new ReflectionClass($class))->isAbstract()));
}

it('takes numbers as they are typed in every request that has any', function (): void {
    $fields = 0;
    foreach (everyRequest() as $class) {
        expect(is_subclass_of($class, TypedRequest::class))->toBeTrue("$class reads no typed numbers: let it extend TypedRequest.");
        foreach ($class::create('/', 'PUT')->rules() as $field => $rules) {
            $isWhole = in_array('integer', (array) $rules, true);
            if (! $isWhole && ! in_array('numeric', (array) $rules, true)) {
                continue;
            }
            foreach ($isWhole ? ['٣' => 3, ' 12 ' => 12] : ['3,5' => 3.5, '−２．５' => -2.5, '½' => 0.5] as $typed => $number) {
                $path = str_replace('*', '0', $field);
                $body = [];
                data_set($body, $path, $typed);
                $request = $class::create('/', 'PUT', $body);
                (new ReflectionMethod($request, 'prepareForValidation'))->invoke($request);
                expect($request->input($path))->toBe($number, "$class: $field");
                $fields++;
            }
        }
    }
    expect($fields)->toBeGreaterThan(60);
});

it('refuses several values where one is meant, in every field of every request', function (): void {
    $fields = 0;
    foreach (everyRequest() as $class) {
        $rules = $class::create('/', 'PUT')->rules();
        foreach ($rules as $field => $of) {
            $isList = array_filter((array) $of, static fn (mixed $rule): bool => $rule === 'array' || $rule instanceof ReadByCore) !== [] || array_filter(array_keys($rules), static fn (string $other): bool => str_starts_with($other, "$field.")) !== [];
            if ($isList || str_contains($field, '*')) {
                continue;
            }
            $body = [];
            data_set($body, $field, ['a' => 1]);
            $request = $class::create('/', 'PUT', $body);
            $request->setContainer(app());
            expect((new ReflectionMethod($request, 'getValidatorInstance'))->invoke($request)->errors()->has($field))->toBeTrue("$class: $field takes a list.");
            $fields++;
        }
    }
    expect($fields)->toBeGreaterThan(100);
});

it('refuses several values of one name in the address', function (string $path): void {
    $this->getJson(at(demo(), $path))->assertUnprocessable()->assertJsonPath('message', 'Write one value here, not several.');
})->with(['recipes?search[]=soap', 'applications?before[0]=1', 'other-uses?volume[a]=1', 'ribbon?round[]=1', 'today?nothing[]=1']);

it('reads the settings of a garden abroad', function (string $latitude, string $longitude, ?float $north, ?float $east): void {
    $garden = demo();
    $settings = ['version' => $garden->version, 'name' => 'Quintal', 'units' => 'metric', 'language' => 'en', 'time_zone' => 'Europe/Lisbon', 'latitude' => $latitude, 'longitude' => $longitude,
        'hardness_mg_l' => '112,5', 'alkalinity_mg_l' => '٩٠', 'theme' => 'auto'];
    $this->patchJson(at($garden), $settings)->assertOk();
    $kept = $garden->refresh();
    expect([$kept->latitude, $kept->longitude, $kept->hardness_mg_l, $kept->alkalinity_mg_l])->toEqual([$north, $east, 112.5, 90.0]);
})->with([
    ['38,722', '-9,139', 38.722, -9.139], ['38.722° N', '9.139° W', 38.722, -9.139], ['', '', null, null],
]);

it('names the field of the settings that it cannot read, and keeps what was there', function (string $field, string $typed): void {
    $garden = demo();
    $before = $garden->only(['name', 'latitude', 'hardness_mg_l']);
    $settings = ['version' => $garden->version, 'name' => 'Quintal', 'units' => 'metric', 'language' => 'en', 'time_zone' => 'Europe/Lisbon', 'latitude' => 38.7, 'longitude' => -9.1, 'hardness_mg_l' => 150, 'alkalinity_mg_l' => 120, 'theme' => 'auto'];
    $this->patchJson(at($garden), [$field => $typed] + $settings)->assertStatus(422)->assertJsonValidationErrors([$field => 'must be a number']);
    expect($garden->refresh()->only(['name', 'latitude', 'hardness_mg_l']))->toBe($before);
})->with([
    ['latitude', 'Lisbon'], ['latitude', '38.722, -9.139'], ['longitude', '181'], ['hardness_mg_l', 'soft'], ['hardness_mg_l', ''], ['alkalinity_mg_l', '1,500'],
]);

it('keeps counts as they were typed on the way home, and names the plant whose count cannot be read', function (): void {
    $garden = demo();
    $trouble = $garden->troubles()->get()->first(static fn ($one): bool => $one->counts()->where('measure', 'per-leaf')->exists()) ?? throw new LogicException('The demo garden has no counted trouble.');
    $path = at($garden, "troubles/$trouble->id/counts");
    $this->postJson($path, ['counts' => ['٣', '2', ' 4 ', '5,0'], 'leaves_per_plant' => '4'])->assertCreated();
    expect($trouble->counts()->get()->pluck('counts')->all())->toContainEqual([3.0, 2.0, 4.0, 5.0]);
    $this->postJson($path, ['counts' => ['3', 'a few', '4']])->assertStatus(422)->assertJsonValidationErrors(['counts.1' => 'must be a number']);
});
