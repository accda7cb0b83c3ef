<?php

declare(strict_types=1);

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Tests\Cases;

/**
 * @param  list<array{0: string, 1: string, 2?: string}>  $lines
 * @param  list<string>  $targets
 * @return list<string> ids of the claims that are answered
 */
function answered(array $lines, array $targets = [], string $use = 'foliar'): array
{
    $mix = Cases::judged(Cases::body('1 L', $lines, 'final', $use) + ['targets' => $targets], $use === 'foliar' ? 'grapevine' : null);

    return array_values(array_map(static fn (Finding $one): string => substr($one->ground, 6), array_filter($mix->findings, static fn (Finding $one): bool => $one->rule === 'claim')));
}

it('answers a claim where it is made, and not where it is not', function (array $lines, array $targets, string $use, array $claims): void {
    expect(answered($lines, $targets, $use))->toBe($claims);
})->with([
    'vinegar and soda' => [[['white-vinegar', '20 mL', '5 %'], ['baking-soda', '5 g']], [], 'foliar', ['vinegar-and-soda']],
    'lemon juice and washing soda' => [[['lemon-juice', '20 mL'], ['washing-soda', '0.2 g', '100 %']], [], 'foliar', ['vinegar-and-soda']],
    'soda alone' => [[['baking-soda', '5 g']], ['powdery-mildew'], 'foliar', []],
    'Epsom salt against a pest' => [[['epsom-salt', '10 g']], ['whitefly'], 'foliar', ['epsom-pests']],
    'Epsom salt by another of its names' => [[['epsom-salt', '10 g']], ['greenfly'], 'foliar', ['epsom-pests']],
    'Epsom salt for the leaves' => [[['epsom-salt', '10 g']], ['magnesium-lack'], 'foliar', []],
    'vinegar on the shears' => [[['white-vinegar', '300 mL', '5 %']], [], 'disinfect', ['vinegar-disinfects']],
    'vinegar on weeds' => [[['white-vinegar', '300 mL', '10 %']], [], 'weed', []],
    'soap on slugs' => [[['liquid-castile-soap', '1 %', '30 %']], ['slug'], 'foliar', ['spray-slugs']],
    'salt on slugs' => [[['table-salt', '1 g']], ['slug'], 'foliar', ['salt-slugs', 'spray-slugs']],
    'gnats on the leaves' => [[['liquid-castile-soap', '1 %', '30 %']], ['fungus-gnat'], 'foliar', ['gnats-on-leaves']],
    'gnats in the soil' => [[['hydrogen-peroxide', '0.6 %', '3 %']], ['fungus-gnat'], 'drench', []],
    'soda on downy mildew' => [[['baking-soda', '5 g']], ['downy-mildew'], 'foliar', ['bicarbonate-downy']],
    'milk on powdery mildew' => [[['milk', '15 % v/v']], ['powdery-mildew'], 'foliar', []],
    'soda on blight' => [[['baking-soda', '5 g']], ['early-blight'], 'foliar', ['weak-on-blight']],
    'soap on thrips' => [[['liquid-castile-soap', '1 %', '30 %']], ['thrips'], 'foliar', ['thrips-alone']],
    'soap on caterpillars' => [[['liquid-castile-soap', '1 %', '30 %']], ['cabbage-white'], 'foliar', ['caterpillars-soap']],
    'soap on aphids' => [[['liquid-castile-soap', '1 %', '30 %']], ['aphid'], 'foliar', []],
    'dish liquid on aphids' => [[['dish-detergent', '0.15 %', '20 %']], ['aphid'], 'foliar', ['detergent-for-soap']],
    'aspirin' => [[['aspirin-tablet', '85 ppm']], [], 'foliar', ['aspirin-evidence']],
    'a little sugar' => [[['liquid-castile-soap', '1 %', '30 %'], ['sugar', '5 g']], [], 'foliar', ['sugar-feeds']],
    'ash water' => [[['wood-ash', '5 g']], [], 'foliar', ['ash-strength']],
    'a pest that nobody knows' => [[['epsom-salt', '10 g']], ['wobbler'], 'foliar', []],
]);

it('says what is really left of the two', function (): void {
    // 5 g of soda, 59.52 mmol, against 1 g of acetic acid, 16.652 mmol: no acid left, 42.87 mmol of soda, 3.60 g
    $mix = Cases::judged(Cases::body('1 L', [['white-vinegar', '20 mL', '5 %'], ['baking-soda', '5 g']], 'final'), 'grapevine');
    $claim = array_values(array_filter($mix->findings, static fn (Finding $one): bool => $one->rule === 'claim'))[0];
    expect($claim->because->params['a_left'])->toEqualWithDelta(0.0, 1e-9)->and($claim->because->params['b_left'])->toEqualWithDelta(0.360, 0.001)
        ->and($claim->because->params['a_before'])->toEqualWithDelta(0.1, 1e-6)->and(Cases::say($claim))->toContain('0.36 of 0.5 %');
});

it('is kind: no claim is called silly, and each names something to do instead', function (): void {
    foreach (Cases::table('claims')->rows() as $row) {
        $words = Cases::sentences();
        $id = $row->string('id');
        expect(strtolower($words["claim.$id.what"].$words["claim.$id.because"]))->not->toMatch('/silly|stupid|nonsense|wrong|myth|never works/')
            ->and(strlen($words["claim.$id.instead"]))->toBeGreaterThan(5);
    }
});
