<?php

declare(strict_types=1);

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Reading\PlainReader;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Reading\Corpus;
use Symfony\Component\Yaml\Yaml;

/** @return array<string, mixed> */
function understoodOf(string $text): array
{
    static $reader = null;
    $reader ??= Cases::get(PlainReader::class);

    return $reader->read($text)->toArray(Cases::english());
}

/** @return list<array<string, mixed>> */
function paragraphs(): array
{
    return Yaml::parseFile(__DIR__.'/paragraphs.yaml');
}

/** An amount in mL or g, by a recipe of that line alone; ratios and strengths as they are written. */
function amountOf(string $ingredient, string $amount, string $units, string $in): float
{
    $line = Cases::mix(Cases::body('1 L', [[$ingredient, $amount]], units: $units))->lines[0];

    return ($in === 'g' ? $line->massG : $line->volumeMl) ?? NAN;
}

it('understands the paragraph, and doubts what is to be doubted', function (array $case): void {
    $read = understoodOf($case['text']);
    $units = $case['units'] ?? 'us';
    expect($read['units'])->toBe($units)
        ->and($read['use'])->toBe($case['use'] ?? ($case['lines'] === [] ? null : 'foliar'))
        ->and($read['base']['liquid'])->toBe($case['liquid'] ?? 'water')
        ->and($read['base']['basis'])->toBe($case['basis'] ?? 'added')
        ->and($read['repeat']['every_days'] ?? null)->toBe($case['every'] ?? null)
        ->and($read['repeat']['times'] ?? null)->toBe($case['times'] ?? null)
        ->and($read['targets'] ?? [])->toBe($case['targets'] ?? []);
    if ($case['base'] === null) {
        expect($read['base']['amount'])->toBeNull();
    } else {
        expect(Cases::amount((string) $read['base']['amount'], $units)->inBase()->likely)->toEqualWithDelta($case['base'], 1e-6 * $case['base']);
    }
    expect(array_map(static fn (?string $id): ?string => $id === 'other' ? null : $id, array_column($read['ingredients'], 'ingredient')))->toBe(array_column($case['lines'], 0));
    foreach ($case['lines'] as $n => $expected) {
        $line = $read['ingredients'][$n];
        [$ingredient, $amount] = $expected;
        if (is_string($amount) && preg_match('/^([\d.]+) (mL|g)$/', $amount, $m) === 1) {
            expect(amountOf($ingredient ?? 'water', (string) $line['amount'], $units, $m[2]))->toEqualWithDelta((float) $m[1], 1e-6 * (float) $m[1], "$ingredient");
        } else {
            expect($line['amount'] === null ? null : str_replace(' ', '', (string) $line['amount']))->toBe($amount === null ? null : str_replace(' ', '', $amount));
        }
        expect(str_replace(' ', '', $line['strength'] ?? ''))->toBe(str_replace(' ', '', $expected[2] ?? ''));
    }
    $kinds = array_values(array_unique(array_column($read['doubts'], 'kind')));
    expect(array_values(array_diff($case['doubts'], $kinds)))->toBe([], 'doubts that are missing; raised: '.implode(', ', $kinds))
        ->and(array_values(array_diff($kinds, $case['doubts'], $case['also'] ?? [])))->toBe([], 'doubts that should not be raised');
})->with(fn (): array => array_combine(array_column(paragraphs(), 'text'), array_map(static fn (array $case): array => [$case], paragraphs())));

it('marks each phrase where it stands, counted in characters', function (): void {
    $text = 'Água: ½ L de água, 10 gotas de óleo de neem – e nada mais.';
    $read = understoodOf($text);
    foreach ([...$read['understood'], ...$read['doubts'], ...$read['not_understood']] as $span) {
        expect(mb_substr($text, $span['start'], $span['end'] - $span['start']))->toBe($span['text']);
    }
    $said = array_column($read['understood'], 'text', 'kind');
    expect($said['base'])->toBe('½ L')->and($said['ingredient'])->toBe('óleo de neem')->and($said['amount'])->toBe('10 gotas');
});

it('gives a recipe that mixes, once what is missing has been filled in', function (): void {
    foreach (paragraphs() as $case) {
        $read = understoodOf($case['text']);
        $isWhole = $read['base']['amount'] !== null && ! in_array(null, array_column($read['ingredients'], 'amount'), true)
            && ! in_array(null, array_column($read['ingredients'], 'ingredient'), true);
        $mixes = true;
        try {
            Corpus::mix($read);
        } catch (BadInput) {
            $mixes = false;
        }
        expect($mixes)->toBe($isWhole, $case['text']);
    }
});

it('says the same of the same recipe in other words', function (string $one, string $other): void {
    $strengths = static function (string $text): array {
        $recipe = understoodOf($text);
        $found = [];
        foreach (Cases::get(Mixer::class)->mix(Cases::get(RecipeReader::class)->read($recipe))->strengths as $strength) {
            $found[$strength->substance->id] = $strength->percentWv->likely;
        }
        ksort($found);

        return $found;
    };
    [$a, $b] = [$strengths($one), $strengths($other)];
    expect(array_keys($a))->toBe(array_keys($b));
    foreach ($a as $substance => $percent) {
        expect($b[$substance])->toEqualWithDelta($percent, 1e-6 * $percent);
    }
})->with([
    ['1 tablespoon (about 15 ml) of neem oil in 1 L of water', 'To a litre of water add neem oil: 1 tbsp.'],
    ['20 mL castile soap per 2 L of water', '10 mL of castile soap per litre of water'],
    ['Dois litros de água e 20 ml de sabão de potássio', 'In 2 litri di acqua mettere 20 ml di sapone di potassio'],
    ['5 g baking soda and 5 mL canola oil to 1 litre of water', 'Water, 1 L. Canola oil, 5 mL. Baking soda, 5 g.'],
]);

it('refuses what is no paragraph, and says what to do', function (string $text, string $says): void {
    [$field, $complaint] = Cases::complaint(static fn () => Cases::get(PlainReader::class)->read($text));
    expect($field)->toBe('text')->and($complaint)->toContain($says);
})->with([['   ', 'nothing to read'], [str_repeat('a ', 3000), 'too long'], ["\xff\xfe", 'UTF-8']]);

it('takes the spoons that the gardener names over those that the words suggest', function (): void {
    $read = Cases::get(PlainReader::class)->read('1 tbsp neem oil in 1 L water', UnitSystem::Au);
    expect($read->recipe['units'])->toBe('au')->and(amountOf('neem-oil', (string) $read->recipe['ingredients'][0]['amount'], 'au', 'mL'))->toBe(20.0);
});

it('says what it takes it for where nobody says so, and of bleach only where there is some', function (string $text, string $for, string $not): void {
    $read = Cases::get(PlainReader::class)->read($text)->toArray(Cases::english());
    $said = array_values(array_filter($read['doubts'], static fn (array $one): bool => $one['kind'] === 'missing-use'))[0]['what'];
    expect($said)->toContain($for)->not->toContain($not);
})->with([
    'soap' => ['2 tbsp of castile soap in 1 L of water.', 'a spray on leaves', 'bleach'],
    'bleach' => ['100 mL of bleach in 1 L of water.', 'pots and tools', 'leaves'],
    'soap made in two steps' => ['Dissolve 50 g of bar soap in 1 cup of hot water, then add it to 5 litres of water.', 'a spray on leaves', 'bleach'],
]);
