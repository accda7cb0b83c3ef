<?php

declare(strict_types=1);

use Nebbia\Core\Measure\Digits;
use Nebbia\Core\Measure\NumberParser;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Reading\PlainReader;
use Nebbia\Core\Substance\StrengthParser;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Weather\HourReader;

/** Three, and two and a half, in some of the scripts that people write numbers in. */
const THREES = ['3', '３', '٣', '۳', '३', '৩', '๓', '᠓'];

it('reads the digits of every script as the numbers they are', function (string $three): void {
    expect(Digits::western("$three mL"))->toBe('3 mL')
        ->and(Cases::amount("$three mL")->inBase()->likely)->toBe(3.0)
        ->and(Cases::amount("$three-$three drops")->inBase()->likely)->toEqualWithDelta(0.15, 0.07)
        ->and(NumberParser::parse($three)->toFloat())->toBe(3.0)
        ->and(StrengthParser::parse("$three %", Cases::ingredient('hydrogen-peroxide'))->grams->likely)->toEqualWithDelta(0.03, 1e-9)
        ->and(HourReader::read(['temperature' => $three], false, false, UnitSystem::Metric)?->temperature)->toBe(3.0)
        ->and(readLabel("$three % soap")->strength())->toBe('3 % w/v')
        ->and(Cases::mix(Cases::get(PlainReader::class)->read("$three mL of dish soap in 1 litre of water", UnitSystem::Metric)->recipe)->lines[0]->volumeMl)->toBe(3.0);
})->with(THREES);

it('reads their signs too, and leaves every other letter where it is', function (): void {
    expect(Digits::western('２．５'))->toBe('2.5')->and(Digits::western('٢٫٥'))->toBe('2.5')->and(Digits::western('５ ％'))->toBe('5 %')->and(Digits::western('1／2'))->toBe('1/2')
        ->and(readLabel('５ ％ soap')->strength())->toBe('5 % w/v')
        ->and(Cases::amount('٢٫٥ mL')->inBase()->likely)->toBe(2.5);
    foreach (['½ cup', 'ünder', '水', "a\u{301}", '①', '²', 'Ⅳ'] as $text) {
        expect(Digits::western($text))->toBe($text);
    }
    mt_srand(3);
    for ($n = 0; $n < 300; $n++) {
        $text = implode('', array_map(static fn (): string => mb_chr(mt_rand(0x20, 0x2FFF)) ?: 'x', range(1, 20)));
        expect(mb_strlen(Digits::western($text)))->toBe(mb_strlen($text));
    }
});

it('refuses no number twice over: a mix written in other digits is the same mix', function (): void {
    $mix = static fn (string $base, string $soap): array => Cases::get(Mixer::class)->mix(Cases::recipe(Cases::body($base, [['liquid-castile-soap', $soap, '30 %']])))->strengths[0]->toArray();
    expect($mix('١ L', '２５ mL'))->toBe($mix('1 L', '25 mL'));
});
