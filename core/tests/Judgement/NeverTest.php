<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\Evidence\SaidNever;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\OwnIngredients;
use Nebbia\Core\Tests\Cases;
use Symfony\Component\Yaml\Yaml;

it('stops what was said never to be put on a plant again', function (array $case): void {
    $of = isset($case['said']) ? Cases::get(OwnIngredients::class)->of($case['said'], null, false, null) : Cases::get(Ingredients::class)->named($case['never']);
    $never = new SaidNever($of, '3 May 2026', 'All buds fell.');
    $body = Cases::body('1 L', $case['lines'], 'final', $case['use'], 'metric');
    $said = static fn (array $nevers): array => array_values(array_filter(
        Cases::judged($body, 'rose', new Circumstances(nevers: $nevers))->findings,
        static fn ($one): bool => $one->ground === 'never',
    ));
    expect($said([]))->toBe([])
        ->and(count($said([$never])))->toBe($case['stop'] ? 1 : 0);
    foreach ($said([$never]) as $one) {
        expect($one->severity->value)->toBe('stop')
            ->and(Cases::english()->say($one->what))->toContain('Never '.$never->name().' on this plant again: that was said here on 3 May 2026')
            ->and(Cases::english()->say($one->because))->toBe('All buds fell.');
    }
})->with(array_map(static fn (array $one): array => [$one], array_column(Yaml::parseFile(__DIR__.'/nevers.yaml'), null, 'title')));

it('changes nothing else that is said', function (): void {
    $body = Cases::body('1 L', [['neem-oil', '5 mL'], ['liquid-castile-soap', '3 mL']], 'final', 'foliar', 'metric');
    $never = new SaidNever(Cases::get(Ingredients::class)->named('garlic'), '3 May 2026');
    $keys = static fn (array $nevers): array => array_map(
        static fn ($one): string => $one->what->key,
        Cases::judged($body, 'rose', new Circumstances(nevers: $nevers))->findings,
    );
    expect($keys([$never]))->toBe($keys([]));
});
