<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\Evidence\EvidenceException;
use Nebbia\Core\Judgement\Evidence\Learned;
use Nebbia\Core\Judgement\Evidence\Learner;
use Nebbia\Core\Judgement\Evidence\Observation;
use Nebbia\Core\Judgement\Evidence\OwnEvidence;
use Nebbia\Core\Judgement\Tolerance\Limits;
use Nebbia\Core\Tests\Cases;

/** @param  list<array{0: float, 1: float, 2?: bool}>  $seen  ratio to our threshold, score, whole plant */
function learned(array $seen): ?Learned
{
    return Cases::get(Learner::class)->learn(
        array_map(static fn (array $one): Observation => Observation::of(['potassium-soap' => $one[0]], $one[1], $one[2] ?? false), $seen),
        static fn (Observation $one): float => $one->strengths['potassium-soap'],
    );
}

it('agrees with the same sum done by hand', function (): void {
    // Prior N(0, 0.4²) on ln k; hurt at the threshold itself: likelihood 0.05 + 0.8 Φ(-ln k / 0.3) of a patch. The median of the product, integrated
    // with a step of 1e-4 apart from this program, is at ln k = -0.2222.
    expect(learned([[1.0, 5.0]])?->factor)->toEqualWithDelta(exp(-0.2222), 0.002);
});

it('moves with what was seen, and never past what was borne', function (): void {
    expect(learned([]))->toBeNull()
        ->and(learned([[1.2, 0.0]])->factor ?? 0.0)->toBeGreaterThan(1.0)->toBeLessThanOrEqual(1.2)
        ->and(learned([[1.2, 0.0, true]])->factor ?? 0.0)->toBeGreaterThanOrEqual(learned([[1.2, 0.0]])->factor ?? INF)
        ->and(learned([[0.5, 0.0]])->factor ?? 0.0)->toBeGreaterThanOrEqual(0.99)->toBeLessThanOrEqual(1.0)
        ->and(learned([[0.8, 4.0]])->factor ?? 9.0)->toBeLessThan(0.9)
        ->and(learned([[0.8, 4.0], [0.7, 4.0]])->factor ?? 9.0)->toBeLessThan(learned([[0.8, 4.0]])->factor ?? 0.0)
        // A clean round lifts what an injury had lowered, in whatever order they are told.
        ->and(learned([[0.8, 4.0], [0.7, 0.0, true]])->factor ?? 0.0)->toBeGreaterThan(learned([[0.8, 4.0]])->factor ?? 9.0)
        ->and(learned([[0.7, 0.0, true], [0.8, 4.0]])?->factor)->toEqualWithDelta(learned([[0.8, 4.0], [0.7, 0.0, true]])?->factor, 1e-12);
});

it('does not let one good patch free ten times the dose', function (): void {
    expect(learned([[10.0, 0.0]])->factor ?? 9.0)->toBeLessThan(1.05)->and(learned([[10.0, 0.0], [10.0, 0.0]])->factor ?? 9.0)->toBeLessThan(1.2);
});

it('stays within its bounds, whatever is told', function (): void {
    $often = array_fill(0, 40, [1.9, 0.0, true]);
    expect(learned($often)->factor ?? 9.0)->toBeLessThanOrEqual(2.0)->and(learned(array_fill(0, 40, [0.2, 9.0, true]))->factor ?? 0.0)->toBeGreaterThanOrEqual(0.3);
});

it('holds an injury against the substance it was had by, at that strength and above', function (string $strength, array $severities): void {
    $evidence = new OwnEvidence([Observation::of(['potassium-soap' => 0.9], 2.0, when: '3 May')]);
    $mix = Cases::judged(Cases::body('1 L', [['liquid-castile-soap', $strength, '30 %']], 'final'), 'grapevine', new Circumstances(evidence: $evidence));
    expect(Cases::severities($mix, 'evidence'))->toBe($severities);
})->with([['0.85 %', []], ['0.9 %', ['caution']], ['1.2 %', ['caution']]]);

it('counts an injury by a mixture as of all that was in it', function (): void {
    $alone = new OwnEvidence([Observation::of(['potassium-soap' => 0.9], 4.0)]);
    $mixed = new OwnEvidence([Observation::of(['potassium-soap' => 0.9, 'vegetable-oil' => 1.2], 4.0)]);
    $careful = fn (OwnEvidence $evidence): float => Cases::get(Limits::class)->of(
        Nebbia\Core\Judgement\Situation::of(Cases::mix(Cases::body('1 L', [['liquid-castile-soap', '0.5 %', '30 %']], 'final')), Cases::plant('grapevine'), new Circumstances(evidence: $evidence)), 'potassium-soap',
    )->careful ?? 0.0;
    expect($careful($alone))->toBeLessThan($careful($mixed))->and($careful($mixed))->toBeLessThan(1.5);
});

it('refuses a score that is none', function (float $score): void {
    expect(fn () => Observation::of([], $score))->toThrow(EvidenceException::class);
})->with([-1.0, 10.5, NAN]);
