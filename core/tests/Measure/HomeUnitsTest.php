<?php

declare(strict_types=1);

use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\Home\HomeUnits;
use Nebbia\Core\Measure\Home\HomeWords;
use Nebbia\Core\Measure\Home\PotSize;
use Nebbia\Core\Measure\Home\TypedSize;
use Nebbia\Core\Measure\Home\TypedVolume;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Tests\Cases;
use Symfony\Component\Yaml\Yaml;

/** @return array<string, list<list<mixed>>> */
function homeCases(): array
{
    return Yaml::parseFile(__DIR__.'/home-units.yaml');
}

it('says volumes as spoons, ounces and gallons hold them', function (): void {
    foreach (homeCases()['volumes'] as [$ml, $us, $imperial]) {
        expect(PreciseWords::volume((float) $ml, UnitSystem::Us))->toBe($us, "$ml mL")
            ->and(PreciseWords::volume((float) $ml, UnitSystem::Imperial))->toBe($imperial, "$ml mL");
    }
});

it('says weights, heights, ground and pots', function (): void {
    $us = HomeUnits::of(UnitSystem::Us);
    $imperial = HomeUnits::of(UnitSystem::Imperial);
    foreach (homeCases()['masses'] as [$g, $said]) {
        expect(PreciseWords::mass((float) $g, UnitSystem::Us))->toBe($said)->and(PreciseWords::mass((float) $g, UnitSystem::Imperial))->toBe($said);
    }
    foreach (homeCases()['lengths'] as [$cm, $said]) {
        expect($us->length((float) $cm))->toBe($said, "$cm cm")->and($imperial->length((float) $cm))->toBe($said);
    }
    foreach (homeCases()['areas'] as [$m2, $said]) {
        expect($us->area((float) $m2))->toBe($said, "$m2 m²");
    }
    foreach (homeCases()['pots'] as [$litres, $saidUs, $saidImperial]) {
        expect($us->pot((float) $litres))->toBe($saidUs)->and($imperial->pot((float) $litres))->toBe($saidImperial);
    }
});

it('rewrites what sentences say', function (string $metric, string $us, string $imperial): void {
    expect(HomeWords::of(UnitSystem::Us)?->hear($metric))->toBe($us)
        ->and(HomeWords::of(UnitSystem::Imperial)?->hear($metric))->toBe($imperial)
        ->and(HomeWords::of(UnitSystem::Metric))->toBeNull()
        ->and(HomeWords::of(UnitSystem::Au))->toBeNull();
})->with(static fn (): array => homeCases()['sentences']);

it('reads heights, ground and pots in any unit', function (): void {
    foreach (homeCases()['typed'] as [$typed, $bare, $cm]) {
        expect(TypedSize::length((string) $typed, (float) $bare))->toEqualWithDelta((float) $cm, 0.005 * $cm, (string) $typed);
    }
    foreach (homeCases()['typed-areas'] as [$typed, $bare, $m2]) {
        expect(TypedSize::area((string) $typed, (float) $bare))->toEqualWithDelta((float) $m2, 0.005 * $m2, (string) $typed);
    }
    foreach (homeCases()['typed-pots'] as [$typed, $bare, $litres]) {
        expect(TypedSize::pot((string) $typed, (float) $bare))->toEqualWithDelta((float) $litres, 0.005 * $litres, (string) $typed);
    }
    foreach (['', 'tall', '5 kg', '3 x', '-', "'"] as $none) {
        expect(TypedSize::length($none, 1.0))->toBeNull()->and(TypedSize::area($none, 1.0))->toBeNull()->and(TypedSize::pot($none, 1.0))->toBeNull();
    }
});

it('a pot that is read by its width is as large as pots of that name', function (): void {
    // Sold as 4 in: about a pint (0.57 L); 6 in: half a gallon (1.9 L); 10 in: two gallons and more (8.9 L).
    expect(PotSize::litres(10.16))->toEqualWithDelta(0.57, 0.02)
        ->and(PotSize::litres(15.24))->toEqualWithDelta(1.93, 0.02)
        ->and(PotSize::litres(25.4))->toEqualWithDelta(8.93, 0.05);
});

it('what is typed again is what was kept, in any unit', function (): void {
    foreach (UnitSystem::cases() as $system) {
        $units = HomeUnits::of($system);
        foreach ([1.0, 7.5, 33.0, 120.0, 900.0] as $size) {
            expect(TypedSize::length($units->typedLength($size).' '.$units->lengthUnit(), 1.0))->toEqualWithDelta($size, 0.005 * $size)
                ->and(TypedSize::area($units->typedArea($size).' '.$units->areaUnit(), 1.0))->toEqualWithDelta($size, 0.005 * $size)
                ->and(TypedSize::pot($units->typedPot($size).' '.$units->potUnit(), 1.0, $units->litresPerGallon()))->toEqualWithDelta($size, 0.005 * $size);
        }
    }
});

it('what somebody wrote keeps its own units; what is said round it does not', function (): void {
    $catalogue = Catalogue::of('en', ['a' => 'Pour {ml, number} mL of {name}: {inner}', 'b' => 'at 20 °C, as {typed}', 'c' => '{amount} mL more']);
    $said = Message::of('a', ['ml' => 100, 'name' => 'the 50 mL bottle', 'inner' => Message::of('b', ['typed' => '30 °C'])]);
    expect($catalogue->say($said))->toBe('Pour 100 mL of the 50 mL bottle: at 20 °C, as 30 °C');
    $catalogue->speak(HomeWords::of(UnitSystem::Us));
    expect($catalogue->say($said))->toBe('Pour 3.4 fl oz of the 50 mL bottle: at 68 °F, as 30 °C')
        ->and($catalogue->say(Message::of('c', ['amount' => '5'])))->toBe('1 tsp more');
    $catalogue->speak(null);
    expect($catalogue->say($said))->toBe('Pour 100 mL of the 50 mL bottle: at 20 °C, as 30 °C');
});

it('says of every volume and weight what reads back as that, to three parts in a hundred', function (UnitSystem $system): void {
    $parser = Cases::get(AmountParser::class);
    $wrong = [];
    for ($amount = 0.3; $amount < 60_000.0; $amount *= 1.013) {
        foreach ([PreciseWords::volume($amount, $system) => 0.06, TypedVolume::of($amount, $system) => 1e-3] as $said => $spread) {
            $read = $parser->parse($said, $system)->inBase()->likely;
            // A tenth of an ounce between one and two is as near as a jug shows it.
            if (abs($read - $amount) > $spread * $amount) {
                $wrong[] = "$amount mL: $said";
            }
        }
        foreach ([PreciseWords::mass($amount, $system) => 0.06, TypedVolume::mass($amount, $system) => 1e-3] as $said => $spread) {
            if (abs($parser->parse($said, $system)->inBase()->likely - $amount) > $spread * $amount) {
                $wrong[] = "$amount g: $said";
            }
        }
    }
    expect($wrong)->toBe([]);
})->with(UnitSystem::cases());

it('leaves nothing metric in any sentence that there is, and hears the same twice', function (UnitSystem $system): void {
    $words = HomeWords::of($system);
    $foreign = $system === UnitSystem::Us
        ? '/[\d.]+ (?:mL|L|kg|g|cm|mm|m|m²|°C|km\/h|mg\/L|g\/L|K|bar)(?![\w²³\/°])|\blit(?:re|er)s?\b|\bmetres?\b|(?:centi|milli)met|\bgram(?:s)?\b/iu'
        : '/[\d.]+ (?:mL|L|kg|g|cm|m|m²|km\/h|g\/L)(?![\w²³\/°])|\blit(?:re|er)s?\b|(?:centi|milli)met|\bgram(?:s)?\b/u';
    $left = [];
    $root = dirname(__DIR__, 3);
    foreach ([...glob("$root/core/data/messages/en/*.yaml") ?: [], ...glob("$root/messages/en/*.yaml") ?: []] as $file) {
        $all = (array) Yaml::parseFile($file);
        array_walk_recursive($all, function (mixed $pattern, string|int $key) use ($words, $foreign, $file, &$left): void {
            // Every number is a seven that a household would meet, large enough for an ounce.
            $sentence = (string) preg_replace('/\{\w+, number[^}]*\}|\{(?:amount|likely|low|high|ml|volume|n)\}/', '70', (string) $pattern);
            $heard = (string) $words?->hear($sentence);
            if ($words?->hear($heard) !== $heard) {
                $left[] = basename($file)." $key is heard otherwise twice: $heard";
            }
            $isSmall = static fn (string $one): bool => preg_match('/^([\d.]+) (g|mL)$/', $one, $of) === 1 && (float) $of[1] < ($of[2] === 'g' ? 7.1 : 0.61);
            if (preg_match($foreign, $heard, $found) === 1 && ! $isSmall($found[0])) {
                $left[] = basename($file)." $key: $found[0] in $heard";
            }
        });
    }
    expect($left)->toBe([]);
})->with([UnitSystem::Us, UnitSystem::Imperial]);
