<?php

declare(strict_types=1);

use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Chance;
use Nebbia\Core\Tests\Jar;

/** @param  array<string, mixed>  $more */
function steep(string $kind, string $plant, float $grams, float $ml, array $more = []): array
{
    return $more + ['format' => 'nebbia.preparation/1', 'id' => 'jar', 'kind' => $kind, 'units' => 'metric', 'base' => ['amount' => "$ml mL"], 'ingredients' => [['ingredient' => $plant, 'amount' => "$grams g"]]];
}

$plants = [['garlic-extract', 'garlic'], ['pepper-extract', 'hot-pepper'], ['onion-extract', 'onion'], ['nettle-steep', 'nettle'], ['citrus-infusion', 'citrus-peel'], ['horsetail-decoction', 'horsetail']];

it('is as strong however much of it is made', function (string $kind, string $plant): void {
    $chance = new Chance(11);
    for ($n = 0; $n < 20; $n++) {
        $grams = $chance->between(20.0, 300.0);
        $ml = $chance->between(300.0, 4000.0);
        $times = $chance->between(0.2, 7.0);
        $one = Jar::made(steep($kind, $plant, round($grams, 3), round($ml, 3)));
        $many = Jar::made(steep($kind, $plant, round($grams, 3) * $times, round($ml, 3) * $times));
        expect($many->contents[0]->grams->likely)->toEqualWithDelta($one->contents[0]->grams->likely, 1e-4 * $one->contents[0]->grams->likely)
            ->and($many->yield->likely)->toEqualWithDelta($one->yield->likely * $times, 1e-3 * $many->yield->likely);
    }
})->with($plants);

it('holds no more in the end than went in', function (string $kind, string $plant): void {
    $chance = new Chance(12);
    for ($n = 0; $n < 20; $n++) {
        $grams = round($chance->between(20.0, 300.0), 1);
        $made = Jar::made(steep($kind, $plant, $grams, round($chance->between(300.0, 4000.0), 1)));
        // Boiled down it is stronger, and less comes through.
        expect($made->contents[0]->grams->likely * $made->yield->likely)->toBeLessThanOrEqual($grams * (1 + 1e-6));
    }
})->with($plants);

it('is weaker by just what it was topped up by', function (): void {
    $chance = new Chance(13);
    for ($n = 0; $n < 30; $n++) {
        $through = round($chance->between(500.0, 950.0), 0);
        $full = round($chance->between($through, 3000.0), 0);
        $neat = Jar::made(steep('garlic-extract', 'garlic', 100.0, 1000.0, ['strained' => "$through mL"]));
        $thin = Jar::made(steep('garlic-extract', 'garlic', 100.0, 1000.0, ['strained' => "$through mL", 'topped_up' => "$full mL"]));
        expect($thin->contents[0]->grams->likely * $full)->toEqualWithDelta($neat->contents[0]->grams->likely * $through, 1e-6 * $through);
    }
});

it('gives the spray what the jar has, by ratio and by volume alike', function (): void {
    $chance = new Chance(14);
    $reader = Cases::get(RecipeReader::class);
    for ($n = 0; $n < 20; $n++) {
        $parts = $chance->whole(1, 60);
        $grams = $chance->whole(20, 300);
        $jars = Jar::reader()->read([steep('garlic-extract', 'garlic', $grams, 1000.0)], new DateTimeImmutable('2026-05-02T18:00Z'));
        $spray = static function (string $amount) use ($jars, $reader): float {
            $body = ['ingredients' => [['ingredient' => 'garlic-extract', 'amount' => $amount, 'preparation' => 'jar']]] + Cases::body('1 L', [], 'final', units: 'metric');

            return Cases::get(Mixer::class)->mix($reader->with($jars)->read($body))->strengthOf('garlic')->percentWv->likely;
        };
        // g per 100 mL: the jar's, thinned to one part of all.
        expect($spray("1:$parts"))->toEqualWithDelta($grams / 10 / (1 + $parts), 1e-6 * $grams)
            ->and($spray(sprintf('%.6f mL', 1000 / (1 + $parts))))->toEqualWithDelta($spray("1:$parts"), 1e-5 * $grams);
    }
});
