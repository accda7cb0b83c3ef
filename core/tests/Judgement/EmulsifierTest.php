<?php

declare(strict_types=1);

use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Tests\Cases;

// FACTS.md, M2: soap left after hardness, at least 0.03 g for each mL of oil; 0.06 and more is comfortable; detergent is untouched by hardness.

/** @return list<string> severities of what is said of what holds the oil */
function holding(string $oil, ?string $soap, ?string $detergent = null, ?Water $water = null, string $use = 'foliar'): array
{
    $lines = [['vegetable-oil', $oil]];
    $soap === null ?: $lines[] = ['liquid-castile-soap', $soap, '33 %'];
    $detergent === null ?: $lines[] = ['dish-detergent', $detergent, '20 %'];

    return Cases::severities(Cases::judged(Cases::body('10 L', $lines, 'final', $use), null, $water === null ? null : new Circumstances(water: $water)), 'emulsifier');
}

it('judges the oil by the soap that is left', function (string $oil, ?string $soap, ?string $detergent, ?Water $water, array $says): void {
    expect(holding($oil, $soap, $detergent, $water))->toBe($says);
})->with([
    // 0.03 g in 1 mL, to the hair
    'one part of a third soap in eleven of oil' => ['1 % v/v', '0.0301 % w/v', null, Water::pure(), []],
    'less than that' => ['1 % v/v', '0.029 % w/v', null, Water::pure(), ['caution']],
    // 300 mg/L take 300 × 6.4 × 0.9 = 1.7 g/L, more than the 1 g that is in it
    'eaten by hard water' => ['1 % v/v', '0.1 % w/v', null, Water::measured(300.0, 100.0), ['caution']],
    // the same in rain
    'in soft water it holds' => ['1 % v/v', '0.1 % w/v', null, Water::pure(), []],
    // 3 g/L less 1.7: 0.13 g per mL
    'enough for hard water' => ['1 % v/v', '0.3 % w/v', null, Water::measured(300.0, 100.0), []],
    'nobody has measured the water: a notice' => ['1 % v/v', '0.1 % w/v', null, null, ['notice']],
    'detergent holds in any water' => ['1 % v/v', null, '0.04 % w/v', Water::measured(300.0, 100.0), []],
    'too little of it does not' => ['1 % v/v', null, '0.02 % w/v', Water::measured(300.0, 100.0), ['caution']],
    'both together' => ['1 % v/v', '0.02 % w/v', '0.02 % w/v', Water::pure(), []],
    'nothing at all is said elsewhere' => ['1 % v/v', null, null, null, []],
]);

it('is silent where no leaf is wetted', function (string $use): void {
    expect(holding('1 % v/v', '0.001 % w/v', null, Water::pure(), $use))->toBe([]);
})->with(['drench', 'weed', 'wipe', 'disinfect']);

it('never says more of more soap, nor less of more oil', function (): void {
    foreach ([null, Water::pure(), Water::measured(150.0, 80.0), Water::measured(400.0, 200.0)] as $water) {
        $before = 9;
        for ($soap = 0.01; $soap < 2.0; $soap *= 1.4) {
            $now = count(holding('1 % v/v', sprintf('%.5F %% w/v', $soap), null, $water));
            expect($now)->toBeLessThanOrEqual($before);
            $before = $now;
        }
        expect($before)->toBe(0);
        for ($oil = 0.05; $oil < 5.0; $oil *= 1.5) {
            $now = count(holding(sprintf('%.5F %% v/v', $oil), '0.2 % w/v', null, $water));
            expect($now)->toBeGreaterThanOrEqual($before);
            $before = $now;
        }
        $before = 0;
    }
});

it('advises soft water or more soap, and never to leave it out', function (): void {
    $judged = Cases::judged(Cases::body('1 L', [['neem-oil', '10 mL'], ['liquid-castile-soap', '0.1 % w/v', '33 %']], 'final'), 'rose', new Circumstances(water: Water::measured(350.0, 100.0)));
    $said = implode("\n", array_map(Cases::say(...), $judged->findings));
    expect(Cases::severities($judged, 'water'))->toBe([], 'said once, of the oil')->and($said)->toContain('will float')->toContain('rain')->not->toContain('leave it out');
});

it('says of soap that holds too little oil neither that it does its work nor to leave it out', function (string $soap): void {
    $judged = Cases::judged(Cases::body('1 L', [['neem-oil', '20 mL'], ['liquid-castile-soap', "$soap % w/v", '33 %']], 'final'), 'rose', new Circumstances(water: Water::pure()));
    expect(Cases::severities($judged, 'effect', 'potassium-soap'))->toBe([])->and(Cases::severities($judged, 'emulsifier'))->toBe(['caution']);
})->with(['0.001', '0.02', '0.029', '0.04', '0.059']);

it('counts no emulsifier as an active, up to 0.06 g for each mL of oil and half a per cent', function (float $oil, float $soap, ?float $counts): void {
    $burden = Cases::get(Nebbia\Core\Judgement\Tolerance\Burdens::class);
    $judged = Cases::judged(Cases::body('10 L', [['vegetable-oil', "$oil % v/v"], ['liquid-castile-soap', "$soap % w/v", '33 %']], 'final'), 'broad-bean');
    $share = $burden->of($judged->situation)?->shares['potassium-soap'] ?? null;
    // an ordinary leaf minds soap from 1.5 %
    $counts === null ? expect($share)->toBeNull() : expect($share)->toEqualWithDelta($counts / 1.5, 0.002);
})->with([
    'all of it holds oil' => [1.0, 0.05, null], 'at the very edge' => [1.0, 0.0599, null], 'the rest counts' => [1.0, 0.36, 0.30], 'never more than half a per cent' => [20.0, 0.8, 0.30],
]);
