<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\RuleGrounds;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Verdicts;

/** @return list<RuleGround> */
function grounds(): array
{
    static $all = null;

    return $all ??= Cases::get(RuleGrounds::class)->all();
}

it('has a title and a text for every rule, and each id once', function (): void {
    $english = Cases::english();
    foreach (grounds() as $ground) {
        expect(trim($english->sentence($ground->title)))->not->toBe('', $ground->id)
            ->and($english->sentence($ground->text))->not->toMatch('/\{|\}|  /', $ground->id);
    }
    $ids = array_map(static fn (RuleGround $ground): string => $ground->id, grounds());
    expect(array_unique($ids))->toHaveCount(count($ids));
});

it('has the ground of every finding that the verdicts give', function (): void {
    $ids = array_map(static fn (RuleGround $ground): string => $ground->id, grounds());
    $missing = [];
    foreach (Verdicts::all() as [$case]) {
        foreach (Verdicts::judged($case)->findings as $finding) {
            if (! in_array($finding->ground, $ids, true)) {
                $missing[] = "$finding->rule: $finding->ground";
            }
        }
    }
    expect(array_values(array_unique($missing)))->toBe([]);
});

it('says the figures that the rules use', function (string $id, string $figures): void {
    $english = Cases::english();
    foreach (grounds() as $ground) {
        if ($ground->id === $id) {
            expect($english->sentence($ground->text))->toContain($figures);

            return;
        }
    }
    throw new RuntimeException("no ground $id");
})->with([
    ['tolerance.potassium-soap', 'sensitive leaves 0.6 and 1.5, ordinary 1.5 and 3, hardy 2 and 4'],
    ['tolerance.sodium-hydroxide', '0.001 and 0.004'],
    ['window.soap', 'From 5 to 29 °C, best 10 to 26. Wind up to 15 km/h. 4 h without rain'],
    ['window.sulfur', 'Up to 29 °C.'],
    ['ph', 'Above 10.3 careful, above 11 stop'],
    ['food.ferment', '14 days'],
]);
