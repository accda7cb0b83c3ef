<?php

declare(strict_types=1);

use Nebbia\Core\Tests\Cases;

it('agrees with the days printed beside the degree-days', function (string $target, array $days): void {
    $cycle = Cases::target($target)->cycle;
    foreach ([15, 20, 25] as $n => $temperature) {
        expect(round($cycle?->totalDays((float) $temperature)?->likely ?? -1))->toEqualWithDelta($days[$n], 1.0, "$target at $temperature");
    }
})->with([
    ['aphid', [12, 8, 6]], ['spider-mite', [32, 15, 10]], ['whitefly', [57, 33, 23]], ['thrips', [35, 18, 12]], ['fungus-gnat', [55, 29, 19]],
    ['cabbage-white', [66, 33, 22]], ['soft-scale', [83, 37, 24]],
]);

it('takes the egg of a mite as 6.3 days at 20 °C, and none where it is too cold', function (): void {
    $cycle = Cases::target('spider-mite')->cycle;
    expect($cycle?->days($cycle->stages[0], 20.0)?->likely)->toEqualWithDelta(60 / 9.5, 1e-9)->and($cycle?->days($cycle->stages[0], 20.0)?->low)->toEqualWithDelta(50 / 9.5, 1e-9)
        ->and($cycle?->days($cycle->stages[0], 10.5))->toBeNull()->and($cycle?->totalDays(5.0))->toBeNull();
});

it('does not extrapolate where development is not linear', function (): void {
    $slug = Cases::target('slug')->cycle;
    expect($slug?->totalDays(20.0)?->likely)->toEqualWithDelta(15.0, 1e-9)->and($slug?->totalDays(25.0))->toBeNull();
});

it('puts 15 % either way where no range is known', function (): void {
    $cycle = Cases::target('whitefly')->cycle;
    expect($cycle?->stages[0]->degreeDays->low)->toEqualWithDelta(97.75, 1e-9)->and($cycle?->stages[0]->degreeDays->high)->toEqualWithDelta(132.25, 1e-9);
});

it('knows the latent period between known temperatures, and only there', function (): void {
    $latency = Cases::target('powdery-mildew')->latency;
    expect($latency?->days(15.0)?->toArray())->toBe(['low' => 10.0, 'likely' => 10.5, 'high' => 11.0])
        // Halfway between 15 °C (10–11) and 19 °C (7–8).
        ->and($latency?->days(17.0)?->low)->toEqualWithDelta(8.5, 1e-9)->and($latency?->days(17.0)?->high)->toEqualWithDelta(9.5, 1e-9)
        ->and($latency?->days(3.0))->toBeNull()->and($latency?->days(36.0))->toBeNull();
});
