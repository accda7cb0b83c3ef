<?php

declare(strict_types=1);

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Jar;

function complaint(callable $work): array
{
    try {
        $work();
    } catch (BadInput $e) {
        return [$e->field(), Cases::english()->say($e->said)];
    }

    throw new RuntimeException('nothing was refused');
}

/** @param  array<string, mixed>  $change */
function garlic(array $change = []): array
{
    return $change + ['format' => 'nebbia.preparation/1', 'id' => 'g', 'kind' => 'garlic-extract', 'units' => 'metric', 'base' => ['amount' => '1 L'], 'ingredients' => [['ingredient' => 'garlic', 'amount' => '100 g']]];
}

it('names the field and the mend', function (array $body, string $field, string $mend): void {
    [$is, $said] = complaint(static fn () => Jar::made($body));
    expect($is)->toBe($field)->and($said)->toContain($mend);
})->with([
    'another format' => [garlic(['format' => 'nebbia.recipe/1']), 'format', 'nebbia.preparation/1'],
    'no kind' => [array_diff_key(garlic(), ['kind' => 1]), 'kind', ''],
    'an unknown kind' => [garlic(['kind' => 'moon-water']), 'kind', 'garlic-extract'],
    'soap' => [garlic(['kind' => 'potash-soap']), 'soap', 'oils'],
    'nothing in it' => [garlic(['ingredients' => []]), 'ingredients', 'what goes in'],
    'no list' => [array_diff_key(garlic(), ['ingredients' => 1]), 'ingredients', ''],
    'no liquid' => [array_diff_key(garlic(), ['base' => 1]), 'base', ''],
    'a liquid that is none' => [garlic(['base' => '1 L']), 'base', ''],
    'an amount that is none' => [garlic(['ingredients' => [['ingredient' => 'garlic', 'amount' => 'some']]]), 'ingredients.0.amount', ''],
    'an unknown ingredient' => [garlic(['ingredients' => [['ingredient' => 'unobtainium', 'amount' => '1 g']]]), 'ingredients.0.ingredient', ''],
    'a jar that is not there' => [garlic(['ingredients' => [['ingredient' => 'garlic-extract', 'amount' => '100 mL', 'preparation' => 'nope']]]), 'ingredients.0.preparation', 'choose one from the shelf'],
    // 1 L went in, and a jug may be off by 3 %.
    'more than went in' => [garlic(['strained' => '1100 mL']), 'strained', 'at most'],
    'strained in grams' => [garlic(['strained' => '900 g']), 'strained', 'volume'],
    'topped up to less' => [garlic(['strained' => '900 mL', 'topped_up' => '700 mL']), 'topped_up', 'at least'],
    'a pH beyond the scale' => [garlic(['ph' => 15]), 'ph', '0 to 14'],
    'a pH in words' => [garlic(['ph' => 'sour']), 'ph', '0 to 14'],
]);

it('takes what a jug may be off by', function (): void {
    expect(Jar::made(garlic(['strained' => '1020 mL']))->yield?->likely)->toEqualWithDelta(1020.0, 1e-9);
});

it('names the preparation of a file that is wrong', function (mixed $list, string $field, string $mend): void {
    [$is, $said] = complaint(static fn () => Jar::reader()->read($list, new DateTimeImmutable('2026-05-02T18:00Z')));
    expect($is)->toBe($field)->and($said)->toContain($mend);
})->with([
    'no list' => ['jar', 'preparations', ''],
    'no id' => [[array_diff_key(garlic(), ['id' => 1])], 'preparations.0.id', ''],
    'the second of two' => [[garlic(), garlic(['id' => 'h', 'kind' => 'moon-water'])], 'preparations.1.kind', 'garlic-extract'],
    'a date of another kind' => [[garlic(['started_at' => 'yesterday'])], 'preparations.0.started_at', '2026-05-02T18:30+02:00'],
    'an unknown place' => [[garlic(['strained_at' => '2026-05-02', 'kept' => 'cellar'])], 'preparations.0.kept', 'fridge'],
    // Made from one that comes later: not there yet.
    'out of order' => [[garlic(['ingredients' => [['ingredient' => 'garlic-extract', 'amount' => '100 mL', 'preparation' => 'h']]]), garlic(['id' => 'h'])], 'preparations.0.ingredients.0.preparation', 'choose one'],
]);

it('refuses a jar of something else for a line', function (): void {
    $jars = Jar::reader()->read([garlic()], new DateTimeImmutable('2026-05-02T18:00Z'));
    $body = ['ingredients' => [['ingredient' => 'onion-extract', 'amount' => '1:4', 'preparation' => 'g']]] + Cases::body('1 L', [], units: 'metric');
    [$field, $said] = complaint(static fn () => Cases::get(RecipeReader::class)->with($jars)->read($body));
    expect($field)->toBe('ingredients.0.preparation')->and($said)->toContain('no Onion extract');
});

it('knows how a jar of a file stands', function (array $times, string $state): void {
    $jar = Jar::reader()->read([garlic($times)], new DateTimeImmutable('2026-05-03T18:00Z'))->find('g');
    expect($jar?->state->value)->toBe($state);
})->with([
    'no times: fresh' => [[], 'ready'],
    'begun six hours ago' => [['started_at' => '2026-05-03T14:00+02:00'], 'steeping'],
    'begun a day ago' => [['started_at' => '2026-05-02T18:00Z'], 'to-strain'],
    'strained six hours ago' => [['started_at' => '2026-05-02T18:00Z', 'strained_at' => '2026-05-03T12:00Z', 'kept' => 'fridge'], 'ready'],
    'strained three days ago' => [['strained_at' => '2026-04-30T12:00Z', 'kept' => 'fridge'], 'gone-off'],
    'and frozen' => [['strained_at' => '2026-04-30T12:00Z', 'kept' => 'frozen'], 'ready'],
]);
