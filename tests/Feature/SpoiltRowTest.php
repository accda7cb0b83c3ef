<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Nebbia\Core\Tests\Sweep;

// One row that cannot be read back, from an older version or a hand in the file: it is shown as such, and no view goes down with it.

/** @return array<string, array{string, string, string}> */
function spoilt(): array
{
    $columns = [
        'gardens' => ['free_hours', 'around'], 'plantings' => ['care', 'states', 'plant', 'stage'], 'recipes' => ['body'], 'products' => ['ingredient', 'strength'], 'own_measures' => ['totals', 'unit'],
        'courses' => ['target', 'products'], 'rounds' => ['done_planting_ids'], 'applications' => ['snapshot', 'doses', 'planting_ids'], 'looks' => ['strengths'],
        'preparations' => ['body', 'stays', 'done', 'timers', 'kind'], 'weather_notes' => ['hours'], 'troubles' => ['target'], 'counts' => ['counts'], 'scoutings' => ['present', 'causes', 'weather'], 'tactic_uses' => ['tactic'], 'tools' => ['kind'],
    ];
    $cases = [];
    foreach ($columns as $table => $names) {
        foreach ($names as $name) {
            foreach (['"x"', '[[1]]', '{"a":{}}', '{"a":'] as $value) {
                if (Sweep::takes("$table.$name $value", 8)) {
                    $cases["$table.$name $value"] = [$table, $name, $value];
                }
            }
        }
    }

    return $cases;
}

it('tells which row cannot be read, and shows the rest', function (): void {
    $garden = demo();
    DB::table('plantings')->where('name', 'White rambler')->update(['care' => '{"from_above":"perhaps"}']);
    DB::table('products')->where('name', 'Neem oil')->update(['ingredient' => 'unheard-of']);
    $plot = $this->getJson(at($garden, 'plot'))->assertOk();
    expect(rawurldecode((string) $plot->headers->get('Nebbia-Spoilt')))->toBe('White rambler (planting)')
        ->and((string) $plot->getContent())->toContain('White rambler (cannot be read)')->toContain('Red climber');
    $pantry = $this->getJson(at($garden, 'pantry'))->assertOk();
    expect(rawurldecode((string) $pantry->headers->get('Nebbia-Spoilt')))->toBe('Neem oil (product)')
        ->and(collect($pantry->json('products'))->pluck('name')->all())->not->toContain('Neem oil')->toContain('Milk');
    // Reading it changed nothing: what stands in the file can still be mended there.
    expect(DB::table('plantings')->where('name', 'White rambler')->value('care'))->toBe('{"from_above":"perhaps"}');
    $this->getJson(at($garden, 'troubles'))->assertOk()->assertHeaderMissing('Nebbia-Spoilt');
});

it('opens every view beside a row that cannot be read', function (string $table, string $column, string $value): void {
    $garden = demo();
    $views = ['', '/today', '/plot', '/lanes', '/courses', '/pantry', '/preparations', '/recipes', '/troubles', '/applications', '/replans', '/shopping', '/ribbon', '/weather', '/other-uses', '/plantings.csv', '/rounds.ics'];
    $id = DB::table($table)->when($table !== 'gardens', fn ($query) => $query->where('garden_id', $garden->id))->orderByDesc('created_at')->orderBy('id')->value('id');
    DB::table($table)->where('id', $id)->update([$column => $value]);
    $failed = [];
    foreach ($views as $view) {
        $answer = $this->getJson(at($garden).$view);
        if ($answer->getStatusCode() >= 400) {
            $failed[] = "$view {$answer->getStatusCode()}: ".mb_substr((string) $answer->exception?->getMessage(), 0, 160).' at '.basename((string) $answer->exception?->getFile()).':'.$answer->exception?->getLine();
        }
    }
    expect($failed)->toBe([]);
})->with(spoilt());
