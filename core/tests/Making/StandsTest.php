<?php

declare(strict_types=1);

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Making\MakingReader;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Reading\PlainReader;
use Nebbia\Core\Tests\Cases;

// What the words say, in hours; null where they say none and what is usual for the kind holds.
it('has a steep stand as long as the recipe at hand says', function (string $text, ?float $hours, float $usual): void {
    $read = Cases::get(PlainReader::class)->read($text, UnitSystem::Metric)->recipe;
    $stock = $read['preparations'][0] ?? null;
    expect($stock)->not->toBeNull()->and($stock['stands_hours'] ?? null)->toBe($hours);
    expect(Cases::get(MakingReader::class)->read($stock)->kind->hours->likely)->toBe($usual);
})->with([
    'frass for three days' => ['Steep 40 g of insect frass in 2 L of water for 3 days, strain. Dilute 1:10 and spray.', 72.0, 72.0],
    'nettle for two weeks' => ['Cover 1 kg of nettles with 10 L of water and leave for 2 weeks. Strain, dilute 1:10.', 336.0, 336.0],
    'garlic for a day' => ['Crush 100 g of garlic into 1 L of water, steep 24 hours, strain. Dilute 1:4.', 24.0, 24.0],
]);

it('refuses what is no length of time', function (mixed $hours): void {
    $body = ['format' => 'nebbia.preparation/1', 'kind' => 'frass-tea', 'units' => 'metric', 'base' => ['amount' => '1 L'], 'ingredients' => [['ingredient' => 'insect-frass', 'amount' => '20 g']], 'stands_hours' => $hours];
    expect(fn () => Cases::get(MakingReader::class)->read($body))->toThrow(BadInput::class);
})->with([0, -3, 2001, '3 days', true]);

it('says it at the step where it stands', function (): void {
    $body = ['format' => 'nebbia.preparation/1', 'kind' => 'frass-tea', 'units' => 'metric', 'base' => ['amount' => '1 L'], 'ingredients' => [['ingredient' => 'insect-frass', 'amount' => '20 g']]];
    $reader = Cases::get(MakingReader::class);
    expect($reader->read($body)->kind->hours->likely)->toBe(24.0)
        ->and($reader->read($body + ['stands_hours' => 72])->kind->hours->low)->toBe(72.0)
        ->and($reader->read($body + ['stands_hours' => 72])->kind->id)->toBe('frass-tea');
});
