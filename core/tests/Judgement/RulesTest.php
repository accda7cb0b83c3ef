<?php

declare(strict_types=1);

use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Chemistry\Waters;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\ClosedVessel;
use Nebbia\Core\Judgement\Headline;
use Nebbia\Core\Judgement\Judge;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Tests\Cases;

// What survived when faults were put into the judge and its own rules one by one.

/**
 * What one rule says of a recipe, a sentence for each finding.
 *
 * @param  array<string, mixed>  $body
 * @return list<string>
 */
function saidBy(string $rule, array $body, ?Circumstances $now = null): array
{
    return array_values(array_map(Cases::say(...), array_filter(Cases::judged($body, null, $now)->findings, static fn (Finding $one): bool => $one->rule === $rule)));
}

it('asks every rule there is, once', function (): void {
    $rules = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/src', FilesystemIterator::SKIP_DOTS)) as $file) {
        $class = 'Nebbia\\Core\\'.strtr(substr((string) $file, strlen(dirname(__DIR__, 2).'/src/'), -4), '/', '\\');
        if (is_subclass_of($class, Rule::class)) {
            $rules[] = $class;
        }
    }
    $asked = array_map(get_class(...), (new ReflectionProperty(Judge::class, 'rules'))->getValue(Cases::get(Judge::class)));
    sort($rules);
    sort($asked);
    expect($asked)->toBe($rules)->and(count($rules))->toBeGreaterThanOrEqual(29);
});

it('judges in the water that was told, and in tap water where none was', function (): void {
    $body = Cases::body('1 L', [['liquid-castile-soap', '1 % w/v', '33 %']], 'final');
    $lost = static fn (?Water $water): float => Cases::judged($body, null, new Circumstances(water: $water))->aftermath?->lost('potassium-soap') ?? 0.0;
    expect($lost(Water::pure()))->toBe(0.0)->and($lost(Water::measured(400.0, 100.0)))->toBeGreaterThan($lost(Water::measured(100.0, 100.0)))
        ->and($lost(null))->toEqualWithDelta($lost(Cases::get(Waters::class)->usual()), 1e-9);
});

it('says which strength is taken, once for each thing, of the base as of the lines', function (array $body, array $said): void {
    expect(array_map(static fn (string $one): string => strtok($one, '.;').'|'.(str_contains($one, 'bottles run from') ? 'range' : 'exact'), array_map(static fn (string $one): string => (string) preg_replace('/^\S+ \S+ /', '', $one), saidBy('usual-strength', $body))))
        ->toBe($said);
})->with([
    'a range' => [Cases::body('1 L', [['liquid-castile-soap', '20 mL']]), ['Liquid castile soap is taken as 33 %|range']],
    'twice the same' => [Cases::body('1 L', [['liquid-castile-soap', '20 mL'], ['liquid-castile-soap', '5 mL']]), ['Liquid castile soap is taken as 33 %|range']],
    'told' => [Cases::body('1 L', [['liquid-castile-soap', '20 mL', '30 %']]), []],
    'nothing that has a strength' => [Cases::body('1 L', [['baking-soda', '1 tsp']]), []],
]);

it('says of the base too which strength is taken', function (): void {
    $said = saidBy('usual-strength', Cases::body('1 L', [['baking-soda', '1 tsp']], 'added', 'weed', 'metric', 'white-vinegar'));
    expect($said)->toHaveCount(1)->and($said[0])->toContain('vinegar is taken as 5 %');
});

it('says which pint or gallon is taken where the metric system has none, once', function (string $base, array $lines, string $units, array $said): void {
    expect(array_map(static fn (string $one): string => (string) preg_replace('/^\S+ \S+ (.*?) is taken\..*$/s', '$1', $one), saidBy('units', Cases::body($base, $lines, 'added', 'foliar', $units))))->toBe($said);
})->with([
    'the base' => ['1 gal', [['baking-soda', '1 tsp']], 'metric', ['US gal']],
    'a line' => ['1 L', [['milk', '1 pint']], 'metric', ['US pint']],
    'twice' => ['1 L', [['milk', '1 pint'], ['neem-oil', '0.01 pint']], 'metric', ['US pint']],
    'both' => ['1 gal', [['milk', '1 pint']], 'metric', ['US gal', 'US pint']],
    'its own' => ['1 gal', [['milk', '1 pint']], 'us', []], 'none' => ['1 L', [['milk', '100 mL']], 'metric', []],
]);

it('says so where a recipe is against something that nobody knows', function (): void {
    $said = saidBy('target', ['targets' => ['aphid', 'gloom', 'powdery mildew']] + Cases::body('1 L', [['baking-soda', '1 tsp']]));
    expect($said)->toHaveCount(1)->and($said[0])->toContain('"gloom" is not a pest');
});

it('says of measures that say little what they may hold, and of doses too small for a spoon how far off it is', function (): void {
    $rough = saidBy('measure', Cases::body('1 L', [['liquid-castile-soap', '1 squeeze']]));
    expect($rough)->toHaveCount(1)->and($rough[0])->toContain('says little')->toContain(' mL.');
    // An eighth of a teaspoon is 0.616 mL; 0.3 mL is nowhere near it.
    $small = saidBy('measure', Cases::body('1 L', [['liquid-castile-soap', '0.3 mL']], units: 'us'));
    expect($small)->toHaveCount(1)->and($small[0])->toContain('0.3 mL of Liquid castile soap is too little for a spoon')->toMatch('/⅛ tsp is off by \d+ %/')
        ->and(saidBy('measure', Cases::body('1 L', [['liquid-castile-soap', '20 mL']])))->toBe([])
        ->and(saidBy('measure', Cases::body('1 L', [['baking-soda', '2 g']])))->toBe([]);
});

it('tells who is about only of those it is asked for', function (): void {
    $now = new Circumstances(around: ['cats', 'pond']);
    expect($now->hasAround(['cats']))->toBeTrue()->and($now->hasAround(['pond', 'hives']))->toBeTrue()->and($now->hasAround(['dogs']))->toBeFalse()->and($now->hasAround([]))->toBeFalse()
        ->and((new Circumstances)->hasAround(['cats']))->toBeFalse();
});

it('ranks what it finds, and keeps the graver of two', function (): void {
    $all = [Severity::Fine, Severity::Notice, Severity::Caution, Severity::Stop];
    expect(array_map(static fn (Severity $one): int => $one->rank(), $all))->toBe([0, 1, 2, 3]);
    foreach ($all as $n => $one) {
        foreach ($all as $m => $other) {
            expect($one->orWorse($other))->toBe($all[max($n, $m)]);
        }
    }
});

it('knows no room above the spray below nought', function (float $typed, float $room): void {
    expect(ClosedVessel::of($typed, 'plastic', 'bottle')->headspaceMl)->toBe($room);
})->with([[200.0, 200.0], [0.5, 0.5], [0.0, 0.0], [-30.0, 0.0]]);

it('leads with the gravest finding and its own way out', function (): void {
    $mix = Cases::judged(Cases::body('1 L', [['liquid-castile-soap', '4 % w/v', '33 %'], ['hydrogen-peroxide', '2 % w/v', '12 %']], 'final'));
    $first = $mix->findings[0];
    $headline = Headline::of($mix);
    expect($headline->severity)->toBe(Severity::Stop)->and($headline->what)->toBe($first->what)->and($headline->instead)->toBe($first->instead)
        ->and($mix->findings[1]->instead)->not->toBe($first->instead);
});

it('is written down with all that a program asks for', function (): void {
    $finding = Cases::judged(Cases::body('1 L', [['liquid-castile-soap', '4 % w/v', '33 %']], 'final'))->findings[0]->toArray(Cases::english());
    expect(array_keys($finding))->toContain('rule', 'severity', 'what', 'because', 'instead', 'basis', 'sure')->and($finding['rule'])->toBe('tolerance')->and($finding['severity'])->toBe('stop')
        ->and($finding['basis'])->toBe('established guidance')->and($finding['sure'])->toBe('medium');
});

it('leads with a mix that is too weak as a whole, and not where something in it works', function (array $lines, ?string $says, string $use = 'foliar', ?float $water = null): void {
    $mix = Cases::judged(Cases::body('1 L', $lines, 'final', $use), $use === 'foliar' ? 'cabbage' : null, new Circumstances(water: $water === null ? Water::pure() : Water::measured($water, 0.0)));
    $headline = Headline::of($mix);
    $said = Cases::english()->sentence($headline->what);
    $says === null ? expect($said)->not->toMatch('/too weak|too little|scent/')->and($headline->instead)->toBeNull()
        : expect($said)->toContain($says)->and($headline->instead)->not->toBeNull();
})->with([
    // Soap works from 0.5 %.
    'soap at a third of what works' => [[['liquid-castile-soap', '0.16 % w/v', '33 %']], 'is too weak to do much'],
    'soap at a tenth of it' => [[['liquid-castile-soap', '0.05 % w/v', '33 %']], 'water with a scent'],
    'soap that works' => [[['liquid-castile-soap', '0.8 % w/v', '33 %']], null],
    // On the weak side is no reason to lead with it.
    'soap a little under' => [[['liquid-castile-soap', '0.45 % w/v', '33 %']], null],
    // What the soap lacks the bicarbonate does.
    'weak soap beside bicarbonate that works' => [[['liquid-castile-soap', '0.16 % w/v', '33 %'], ['baking-soda', '0.6 % w/v']], null],
    'both too weak' => [[['liquid-castile-soap', '0.3 % w/v', '33 %'], ['baking-soda', '0.12 % w/v']], 'is too weak to do much'],
    // Of garlic it is not known from where it works.
    'weak soap beside garlic' => [[['liquid-castile-soap', '0.16 % w/v', '33 %'], ['garlic', '20 g']], null],
    // Its soap is enough as it is poured, and too little in hard water.
    'soap that hard water takes' => [[['liquid-castile-soap', '0.5 % w/v', '33 %']], 'too little', 'foliar', 200.0],
    // Worse is said first: salt stays where it is sprayed.
    'salt on the path' => [[['table-salt', '1 % w/v']], 'Salt stays', 'weed'],
]);
