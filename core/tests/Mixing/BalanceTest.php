<?php

declare(strict_types=1);

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Mixing\Balance;
use Nebbia\Core\Mixing\Dose;
use Nebbia\Core\Mixing\Recipe\Basis;
use Nebbia\Core\Mixing\Recipe\RecipeException;
use Nebbia\Core\Tests\Chance;

/**
 * Volumes by pouring again and again until nothing changes: no algebra, and so independent of the balance's formulas.
 *
 * @param  list<array{string, float, bool}>  $lines  per (outright, base, final), size, poured
 * @return array{float, float} base, final
 */
function pouredUntilItSettles(bool $added, float $stated, array $lines): array
{
    $base = $stated;
    $final = $stated;
    for ($round = 0; $round < 4000; $round++) {
        $liquids = 0.0;
        foreach ($lines as [$per, $size, $poured]) {
            $liquids += $poured ? $size * ['outright' => 1.0, 'base' => $base, 'final' => $final][$per] : 0.0;
        }
        if ($added) {
            $final = $base + $liquids;
        } else {
            $base += 0.3 * ($final - $liquids - $base);
        }
    }

    return [$base, $final];
}

/** @param  list<array{string, float, bool}>  $lines */
function balanceOf(bool $added, float $stated, array $lines): Balance
{
    return new Balance($added ? Basis::Added : Basis::Final, Interval::exactly($stated), array_map(
        static fn (array $line): Dose => match ($line[0]) {
            'outright' => Dose::outright(Interval::exactly($line[1]), $line[2]),
            'base' => Dose::perBase(Interval::exactly($line[1]), $line[2]),
            default => Dose::perFinal(Interval::exactly($line[1]), $line[2]),
        }, $lines,
    ));
}

it('settles where pouring again and again settles', function (int $seed): void {
    $chance = new Chance($seed);
    for ($run = 0; $run < 15; $run++) {
        $lines = [];
        foreach (range(1, $chance->whole(1, 5)) as $ignored) {
            $per = ['outright', 'base', 'final'][$chance->whole(0, 2)];
            $lines[] = [$per, $per === 'outright' ? $chance->between(0.1, 60.0) : $chance->between(0.0005, 0.11), $chance->whole(0, 3) > 0];
        }
        $added = $chance->whole(0, 1) === 1;
        $stated = $chance->between(600.0, 9000.0);
        [$base, $final] = pouredUntilItSettles($added, $stated, $lines);
        $balance = balanceOf($added, $stated, $lines);
        expect($balance->baseMl)->toEqualWithDelta($base, 1e-6 * $base)->and($balance->finalMl)->toEqualWithDelta($final, 1e-6 * $final);
    }
})->with(range(1, 8));

it('finds the worst case that trying every corner finds', function (int $seed): void {
    $chance = new Chance($seed);
    $doses = $contents = $ends = [];
    foreach (range(1, 4) as $position) {
        $low = $chance->between(1.0, 30.0);
        $high = $low * $chance->between(1.5, 6.0);
        $doses[] = Dose::outright(Interval::of($low, ($low + $high) / 2, $high), true);
        $ends[] = [$low, $high];
        // Some lines carry the substance, strong or weak; some only thin it.
        if ($chance->whole(0, 2) > 0) {
            $content = $chance->between(0.02, 0.6);
            $contents[$position] = Interval::of(0.8 * $content, $content, 1.3 * $content);
        }
    }
    $contents[1] ??= Interval::exactly(0.4);
    $base = [$chance->between(50.0, 80.0), $chance->between(90.0, 120.0)];
    $balance = new Balance(Basis::Added, Interval::of($base[0], ($base[0] + $base[1]) / 2, $base[1]), $doses);

    $seen = ['low' => INF, 'high' => 0.0];
    for ($corner = 0; $corner < 32; $corner++) {
        $volume = $base[$corner & 1];
        $held = ['low' => 0.0, 'high' => 0.0];
        foreach ($ends as $n => $pair) {
            $size = $pair[($corner >> ($n + 1)) & 1];
            $volume += $size;
            foreach (['low', 'high'] as $end) {
                $held[$end] += isset($contents[$n + 1]) ? $size * $contents[$n + 1]->{$end} : 0.0;
            }
        }
        $seen = ['low' => min($seen['low'], $held['low'] / $volume), 'high' => max($seen['high'], $held['high'] / $volume)];
    }
    $found = $balance->concentration($contents);
    expect($found->low)->toEqualWithDelta($seen['low'], 1e-12)->and($found->high)->toEqualWithDelta($seen['high'], 1e-12)
        ->and($found->likely)->toBeGreaterThanOrEqual($found->low)->and($found->likely)->toBeLessThanOrEqual($found->high);
})->with(range(1, 25));

it('widens the final volume by what is rough, and only when topping up is not meant', function (): void {
    $glug = Dose::outright(Interval::of(10.0, 20.0, 45.0), true);
    // 1000 and 10, 20, 45
    expect((new Balance(Basis::Added, Interval::exactly(1000.0), [$glug]))->finalVolume()->toArray())->toBe(['low' => 1010.0, 'likely' => 1020.0, 'high' => 1045.0])
        ->and((new Balance(Basis::Final, Interval::exactly(1000.0), [$glug]))->finalVolume()->toArray())->toBe(['low' => 1000.0, 'likely' => 1000.0, 'high' => 1000.0]);
});

it('lets a solid take no room', function (): void {
    $balance = balanceOf(true, 1000.0, [['outright', 500.0, false], ['final', 0.2, false]]);
    expect($balance->finalMl)->toBe(1000.0)->and($balance->amounts)->toBe([500.0, 200.0]);
});

it('refuses shares that leave nothing for the base, at the line that tips it', function (): void {
    try {
        balanceOf(true, 1000.0, [['final', 0.6, true], ['final', 0.39, true], ['final', 0.01, true]]);
        $this->fail('nothing was refused');
    } catch (RecipeException $e) {
        expect($e->field())->toBe('ingredients.2.amount');
    }
});
