<?php

declare(strict_types=1);

use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Reading\Errand\ErrandReader;
use Nebbia\Core\Reading\Often\OftenReader;
use Nebbia\Core\Reading\PlainReader;
use Nebbia\Core\Tests\Cases;
use Symfony\Component\Yaml\Yaml;

/** @return list<array{string, float|int, int|null, bool}> */
function howOften(): array
{
    return Yaml::parseFile(__DIR__.'/how-often.yaml');
}

it('reads the same words alike where a course is planned', function (string $words, float|int $every): void {
    expect(Cases::get(OftenReader::class)->read($words, '', '2026-05-14')->everyDays)->toEqualWithDelta((float) $every, 1e-3);
})->with(howOften());

it('and in a pasted recipe, where a range is doubted and its middle taken', function (string $words, float|int $every, ?int $times, bool $isRange): void {
    foreach (["2 tbsp of castile soap in 1 L of water, spray the aphids $words.", ucfirst($words).' I spray 2 tbsp of castile soap in 1 L of water.'] as $text) {
        $read = Cases::get(PlainReader::class)->read($text)->toArray(Cases::english());
        expect($read['repeat']['every_days'] ?? null)->toEqualWithDelta((float) $every, 1e-3, $text)
            ->and($read['repeat']['times'])->toBe($times, $text)
            ->and($read['base']['amount'])->toBe('1 L', $text)
            ->and(count($read['ingredients']))->toBe(1, $text)
            ->and(in_array('odd-repeat', array_column($read['doubts'], 'kind'), true))->toBe($isRange, $text);
    }
})->with(howOften());

it('and in a line that says what is done again and again', function (string $words, float|int $every): void {
    foreach (["feed the roses $words", "feed the roses $words with nettle tea"] as $text) {
        $read = Cases::get(ErrandReader::class)->read($text, UnitSystem::Metric, '2026-05-14');
        expect([$read?->kind, $read?->job, $read?->on])->toBe(['chore', 'feed', 'roses'], $text)
            ->and(Cases::get(OftenReader::class)->read((string) $read?->often, '', '2026-05-14')->everyDays)->toEqualWithDelta((float) $every, 1e-3, $text);
    }
})->with(howOften());

it('takes no count of things for how often', function (string $text): void {
    $read = Cases::get(PlainReader::class)->read($text)->toArray(Cases::english());
    expect($read['repeat'] ?? null)->toBeNull($text);
})->with([
    '2 tbsp of castile soap in every litre of water, spray.',
    'Put 2 drops of neem oil on each leaf of 1 L of water spray.',
    'Spray 1 tsp castile soap in 1 L water on the plants in the evening.',
    'Spray 1 tsp castile soap in 1 L water on every plant; plants stand 10 cm apart.',
    'Spray 1 tsp castile soap in 1 L water on Saturday morning.',
    'Spray 1 tsp castile soap in 1 L water on Tues.',
    'Spray 1 tsp castile soap in 1 L water in the morning, repeat in evening.',
    'Steep garlic in 1 L of water for 48 hours, strain and spray.',
    'Spray 1 tsp castile soap in 1 L water, 3 sprays on each leaf.',
    'Põe 1 colher de sabão em 1 L de água, deixa de molho de 24 horas e borrifa de noite.',
    'Spray 1 tsp castile soap in 1 L water, use twice the soap on scale.',
    'Spray 1 tsp castile soap in 1 L water on sun-warmed leaves never.',
]);
