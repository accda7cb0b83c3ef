<?php

declare(strict_types=1);

use App\Console\SchemaCheck;

function steeped(array $more = []): array
{
    return $more + ['format' => 'nebbia.preparation/1', 'id' => 'jar', 'kind' => 'garlic-extract', 'units' => 'metric', 'base' => ['amount' => '1 L'], 'ingredients' => [['ingredient' => 'garlic', 'amount' => '150 g']]];
}

it('prints a soap as its schema has it, with the figures that were worked out', function (): void {
    [$exit, $out, $err] = outside('', 'nebbia:soap', '--oil=sunflower:600g', '--oil=olive:400g', '--purity=88', '--superfat=4', '--json');
    $soap = json_decode($out, true);
    expect($exit)->toBe(0)->and($err)->toBe('')->and((new SchemaCheck)->firstError($soap, 'nebbia.soap-1')?->message())->toBeNull()
        ->and($soap['alkali_needed_g'])->toEqualWithDelta(190.0, 0.01)->and($soap['alkali_product_g'])->toEqualWithDelta(207.27, 0.01)->and($soap['oil_left_g'])->toEqualWithDelta(40.0, 0.01);
});

it('exits with 3 where a given mass is too much', function (): void {
    [$exit, $out] = outside('', 'nebbia:soap', '--oil=sunflower:600g', '--alkali-mass=170g', '--purity=90', '--strict');
    expect($exit)->toBe(3)->and($out)->toContain('Do not make this');
    [$exit] = outside('', 'nebbia:soap', '--oil=sunflower:600g', '--alkali-mass=110g', '--purity=90', '--strict');
    expect($exit)->toBe(0);
});

it('names the option of a soap that cannot be', function (array $options, string $says): void {
    [$exit, $out, $err] = outside('', 'nebbia:soap', ...$options);
    expect($exit)->toBe(1)->and($out)->toBe('')->and(substr_count(trim($err), "\n"))->toBe(0)->and($err)->toContain($says);
})->with([
    [[], '--oil'], [['--oil=sunflower'], '--oil'], [['--oil=whale:1kg'], '--oil'], [['--oil=sunflower:1kg', '--alkali=LiOH'], '--alkali'], [['--oil=sunflower:1kg', '--purity=lots'], '--purity'],
    [['--oil=sunflower:1kg', '--superfat=90'], '--superfat'], [['--oil=sunflower:1kg', '--alkali-mass=1 L'], '--alkali-mass'], [['--oil=sunflower:1kg', '--units=martian'], '--units'],
    [['--oil=sunflower:1kg', '--hardness=much'], '--hardness'],
]);

it('prints what is made ahead as its schema has it', function (): void {
    [$exit, $out, $err] = outside((string) json_encode(steeped()), 'nebbia:make', '-', '--json');
    $stock = json_decode($out, true);
    expect($exit)->toBe(0)->and($err)->toBe('')->and((new SchemaCheck)->firstError($stock, 'nebbia.stock-1')?->message())->toBeNull()->and($out)->toContain('garlic');
    [$exit, $page] = outside((string) json_encode(steeped()), 'nebbia:make', '-');
    expect($exit)->toBe(0)->and($page)->toContain('850 mL');
});

it('says in one line what cannot be made', function (mixed $data, string $says): void {
    [$exit, $out, $err] = outside(is_string($data) ? $data : (string) json_encode($data), 'nebbia:make', '-', '--json');
    expect($exit)->toBe(1)->and($out)->toBe('')->and(substr_count(trim($err), "\n"))->toBe(0)->and($err)->toContain($says);
})->with([['{', 'JSON'], [steeped(['format' => 'x']), 'format'], [steeped(['kind' => 'moon']), 'kind'], [steeped(['strained' => '3 L']), 'strained'], [steeped(['ph' => 40]), 'ph']]);

it('carries a stock into the spray', function (): void {
    $recipe = ['format' => 'nebbia.recipe/1', 'name' => 'x', 'use' => 'foliar', 'units' => 'metric', 'base' => ['amount' => '1 L', 'basis' => 'final'], 'ingredients' => [['ingredient' => 'garlic-extract', 'amount' => '1:25', 'preparation' => 'jar']], 'preparations' => [steeped()]];
    [$exit, $out, $err] = outside((string) json_encode($recipe), 'nebbia:mix', '-', '--json');
    $mix = json_decode($out, true);
    expect($exit)->toBe(0, $err)->and((new SchemaCheck)->firstError($mix, 'nebbia.mix-1')?->message())->toBeNull();
    $garlic = array_values(array_filter($mix['strengths'], static fn (array $one): bool => $one['substance'] === 'garlic'))[0];
    // 15 g per 100 mL, one part in 26
    expect($garlic['percent_wv']['likely'])->toEqualWithDelta(15 / 26, 0.0005);
});

it('says what is dangerous in a pot, before it is made', function (array $pot, bool $stops, ?string $severity, string $what): void {
    [$exit, $out, $err] = outside((string) json_encode(steeped($pot)), 'nebbia:make', '-', '--json', '--strict');
    $stock = json_decode($out, true);
    expect($exit)->toBe($stops ? 3 : 0, $err)->and((new SchemaCheck)->firstError($stock, 'nebbia.stock-1')?->message())->toBeNull()
        ->and($stock['findings'][0]['severity'] ?? null)->toBe($severity)->and($stock['findings'][0]['what'] ?? '')->toContain($what);
    [, $page] = outside((string) json_encode(steeped($pot)), 'nebbia:make', '-');
    expect($page)->toContain($severity === null ? 'Garlic' : "[$severity]");
})->with([
    'garlic in water' => [[], false, null, ''],
    // 150 g in half a litre of oil and half of water: far over a tenth of oil
    'raw garlic in oil' => [['base' => ['amount' => '500 mL'], 'ingredients' => [['ingredient' => 'garlic', 'amount' => '150 g'], ['ingredient' => 'vegetable-oil', 'amount' => '500 mL']]], false, 'caution', 'garlic'],
    'a spoon of oil that wets' => [['ingredients' => [['ingredient' => 'garlic', 'amount' => '150 g'], ['ingredient' => 'vegetable-oil', 'amount' => '15 mL']]], false, null, ''],
    'bleach and vinegar in the pot' => [['ingredients' => [['ingredient' => 'garlic', 'amount' => '150 g'], ['ingredient' => 'bleach', 'amount' => '100 mL', 'strength' => '5 %'], ['ingredient' => 'vinegar', 'amount' => '100 mL', 'strength' => '5 %']]], true, 'stop', ''],
]);
