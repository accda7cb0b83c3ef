<?php

declare(strict_types=1);

use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Reading\Errand\ErrandReader;
use Nebbia\Core\Tests\Cases;
use Symfony\Component\Yaml\Yaml;

it('reads what was done from a line', function (): void {
    $reader = Cases::get(ErrandReader::class);
    $cases = Yaml::parseFile(__DIR__.'/errands.yaml');
    foreach ($cases['read'] as [$text, $means]) {
        $read = $reader->read($text, UnitSystem::Metric, '2026-05-14');
        expect($read)->not->toBeNull($text);
        expect(array_filter(['kind' => $read?->kind, 'mm' => $read?->mm, 'days' => $read?->days ?: null, 'what' => $read?->what, 'on' => $read?->on, 'job' => $read?->job, 'often' => $read?->often, 'in' => $read?->inDays], static fn (mixed $one): bool => $one !== null))
            ->toEqual(array_filter([
                'kind' => $means['kind'], 'mm' => $means['mm'] ?? null, 'days' => ($means['days'] ?? 0) ?: null, 'what' => $means['what'] ?? $means['with'] ?? null,
                'on' => $means['on'] ?? null, 'job' => $means['job'] ?? null, 'often' => $means['often'] ?? null, 'in' => $means['in'] ?? null,
            ], static fn (mixed $one): bool => $one !== null), $text);
    }
    foreach ($cases['nothing'] as $text) {
        expect($reader->read($text, UnitSystem::Metric, '2026-05-14'))->toBeNull($text);
    }
    // Inches where the household has them.
    expect($reader->read('it rained 0.5', UnitSystem::Us, '2026-05-14')?->mm)->toEqualWithDelta(12.7, 1e-6);
});
