<?php

declare(strict_types=1);

use Nebbia\Core\Planning\Course\Purpose;
use Nebbia\Core\Planning\Course\Rhythm;
use Nebbia\Core\Tests\Cases;
use Symfony\Component\Yaml\Yaml;

it('goes by the life cycle', function (array $case): void {
    $rhythm = Rhythm::of(Cases::target($case['target']), (float) $case['mean']);
    expect($rhythm?->days)->toEqualWithDelta($case['interval'], 0.001)->and($rhythm?->number)->toBe($case['number'])
        ->and($rhythm?->protectedDays)->toEqualWithDelta($case['protected'], 0.001)->and($rhythm?->openDays)->toEqualWithDelta($case['open'], 0.001);
})->with(array_map(static fn (array $case): array => [$case], Yaml::parseFile(__DIR__.'/intervals.yaml')));

// Latent period: powdery mildew takes 10 to 11 days at 15 °C, 7 to 8 at 19, 5 to 6 at 24; no more than 14, no less than 5.
it('goes by the latent period of a disease', function (float $mean, float $days): void {
    $rhythm = Rhythm::of(Cases::target('powdery-mildew'), $mean);
    expect($rhythm?->days)->toEqualWithDelta($days, 0.001)->and($rhythm?->number)->toBe(4);
})->with([[15.0, 10.0], [19.0, 7.0], [24.0, 5.0], [8.0, 14.0], [17.0, 8.5]]);

it('goes by the table where the cycle stands still, or where it is to prevent', function (): void {
    $mite = Cases::target('spider-mite');
    expect(Rhythm::of($mite, 9.0)?->days)->toBe(7.0)->and(Rhythm::of($mite, 11.0)?->days)->toBe(7.0)->and(Rhythm::of($mite, 20.0, Purpose::Prevention)?->days)->toBe(6.0)->and(Rhythm::of($mite, null)?->number)->toBe(3)
        ->and(Rhythm::of(Cases::target('sun-scorch'), 20.0))->toBeNull();
});

it('comes no less often the warmer it is', function (string $target): void {
    $before = INF;
    for ($mean = 12; $mean <= 32; $mean++) {
        $rhythm = Rhythm::of(Cases::target($target), (float) $mean);
        expect($rhythm?->days)->toBeLessThanOrEqual($before + 1e-9);
        $before = $rhythm?->days;
    }
})->with(['aphid', 'spider-mite', 'whitefly', 'mealybug', 'thrips', 'fungus-gnat', 'cabbage-white']);

it('says why in words', function (): void {
    $english = Cases::english();
    $said = $english->say(Rhythm::of(Cases::target('spider-mite'), 28.0)->because);
    expect($said)->toContain('3.4')->toContain('3.9')->toContain('28');
});

it('says where the warmth it goes by is only usual there, and nobody has foretold it', function (): void {
    $english = Cases::get(Nebbia\Core\Data\Sentence\Catalogue::class);
    foreach (['aphid', 'powdery-mildew', 'spider-mite'] as $target) {
        $guessed = $english->say(Rhythm::of(Cases::target($target), 18.0, isGuessed: true)->because);
        $foretold = $english->say(Rhythm::of(Cases::target($target), 18.0)->because);
        expect(str_contains($guessed, 'not foretold'))->toBe(str_contains($guessed, '18 °C'), $guessed)->and($foretold)->not->toContain('foretold');
    }
});
