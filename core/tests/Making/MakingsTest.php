<?php

declare(strict_types=1);

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Jar;
use Symfony\Component\Yaml\Yaml;

/** @return array<string, array{array<string, mixed>}> */
function makings(): array
{
    return array_map(static fn (array $case): array => [$case], array_column(Yaml::parseFile(__DIR__.'/makings.yaml'), null, 'name'));
}

/** @param  list<float>  $expected */
function isInterval(?Interval $is, array $expected): void
{
    foreach (['low', 'likely', 'high'] as $n => $end) {
        expect($is?->{$end})->toEqualWithDelta($expected[$n], 1e-6 * abs($expected[$n]) + 1e-12, $end);
    }
}

/** @param  array<string, mixed>  $case */
function body(array $case, string $id): array
{
    return array_filter([
        'format' => 'nebbia.preparation/1', 'id' => $id, 'kind' => $case['kind'], 'strained' => $case['strained'] ?? null, 'topped_up' => $case['topped_up'] ?? null,
        'base' => $case['base'] === null ? null : ['amount' => $case['base']] + (isset($case['liquid']) ? ['liquid' => $case['liquid']] : []) + (isset($case['strength']) ? ['strength' => $case['strength']] : []),
        'ingredients' => array_map(static fn (array $line): array => array_filter(['ingredient' => $line[0], 'amount' => $line[1], 'strength' => $line[2] ?? null, 'preparation' => $line[3] ?? null]), $case['of']),
    ]);
}

it('makes what was worked out by hand, down to the spray', function (array $case): void {
    $file = [...array_map(static fn (array $one): array => body($one, $one['id']), $case['with'] ?? []), body($case, 'jar')];
    $jars = Jar::reader()->read($file, new DateTimeImmutable('2026-05-02T18:00Z'));
    $jar = $jars->find('jar');
    isInterval($jar?->leftMl === null ? null : Interval::of($case['yield'][0], $jar->leftMl, $case['yield'][2]), $case['yield']);
    $contents = [];
    foreach ($jar->contents ?? [] as $content) {
        $contents[$content->substance->id] = $content->grams->times(100.0);
    }
    expect(array_keys($contents))->toEqualCanonicalizing(array_keys($case['stock']));
    foreach ($case['stock'] as $substance => $expected) {
        isInterval($contents[$substance], $expected);
    }
    [$base, $amount] = $case['use'];
    $kind = $jar?->ingredient->id;
    $recipe = Cases::body($base, []);
    $amount === null ? $recipe['base'] = ['amount' => $base, 'basis' => 'added', 'liquid' => $kind, 'preparation' => 'jar']
        : $recipe['ingredients'] = [['ingredient' => $kind, 'amount' => $amount, 'preparation' => 'jar']];
    $mix = Cases::get(Mixer::class)->mix(Cases::get(RecipeReader::class)->with($jars)->read($recipe));
    foreach ($case['spray'] as $substance => $expected) {
        isInterval($mix->strengthOf($substance)?->percentWv, $expected);
    }
})->with(makings());

it('says within what bounds the yield lies', function (array $case): void {
    $jars = Jar::reader()->read(array_map(static fn (array $one): array => body($one, $one['id']), $case['with'] ?? []), new DateTimeImmutable('2026-05-02T18:00Z'));
    isInterval(Jar::made(body($case, 'jar'), $jars)->yield, $case['yield']);
})->with(makings());
