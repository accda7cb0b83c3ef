<?php

declare(strict_types=1);

use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Reading\Growing\Grown;
use Nebbia\Core\Reading\Growing\PlantListReader;
use Nebbia\Core\Tests\Cases;
use Symfony\Component\Yaml\Yaml;

it('reads what grows', function (string $text, array $grows): void {
    $read = Cases::get(PlantListReader::class)->read($text);
    expect(count($read))->toBe(count($grows), json_encode(array_column($read, 'name')));
    foreach ($grows as $n => $wanted) {
        $one = $read[$n];
        foreach ([$one->number, $one->plant->id, $one->name, $one->variety, $one->meeting->how] as $at => $is) {
            if ($wanted[$at] !== '*') {
                expect($is)->toBe($wanted[$at], "$text: $one->name");
            }
        }
    }
})->with(static fn (): array => array_map(static fn (array $case): array => [$case['text'], $case['grows']], Yaml::parseFile(__DIR__.'/plant-lists.yaml')));

it('reads every plant that is known, by each of its names, in a list of all', function (): void {
    $plants = Cases::get(Plants::class);
    $reader = Cases::get(PlantListReader::class);
    $lost = [];
    foreach ($plants->ids() as $id) {
        $name = $plants->named($id)->name;
        // A head of a table is no plant; what is "runner or French bean" here nobody pastes.
        $read = $reader->read("7 $name");
        if ($id !== Plants::UNKNOWN && (count($read) !== 1 || $read[0]->plant->id !== $id || $read[0]->number !== 7)) {
            $lost[] = "$name: ".implode(', ', array_map(static fn (Grown $one): string => "$one->number {$one->plant->id}", $read));
        }
    }
    expect($lost)->toBe([]);
});

it('takes any text without fault, and never more than a household lists', function (): void {
    $reader = Cases::get(PlantListReader::class);
    foreach (['((((', "'''", '9999999999 roses', str_repeat('rose ', 5000), "\u{202E}rose", '0 roses', '-3 roses', "\xff\xfe"] as $text) {
        foreach ($reader->read($text) as $one) {
            expect($one->number)->toBeGreaterThanOrEqual(1)->toBeLessThanOrEqual(100_000);
        }
    }
    expect(count($reader->read(implode("\n", array_map(static fn (int $n): string => "Plantius number$n", range(1, 400))))))->toBeLessThanOrEqual(PlantListReader::MOST);
});
