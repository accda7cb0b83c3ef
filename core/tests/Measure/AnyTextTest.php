<?php

declare(strict_types=1);

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\AmountFormatter;
use Nebbia\Core\Substance\StrengthParser;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Chance;

/** Texts put together from what amounts are made of, most of them nonsense. */
function scraps(int $seed): Generator
{
    $pieces = ['1', '0', '2,5', '1/2', '½', '1 1/2', '/', ':', '-', '–', ' in ', ' to ', ' x ', ' + ', ' and ', 'tbsp', 'mL', 'L', '%', ' ppm', 'cloves', 'a ', 'few ', 'drops', ' of ', 'mg', 'US ', 'imp ', 'gal', '.', 'é', '🧄', '999999999', '  ', "\t", 'e3', '(', '\\'];
    $chance = new Chance($seed);
    for ($n = 0; $n < 4000; $n++) {
        $text = '';
        for ($length = $chance->whole(1, 5); $length > 0; $length--) {
            $text .= $pieces[$chance->whole(0, count($pieces) - 1)];
        }
        yield $text;
    }
}

it('reads any text or refuses it in words, and what it reads it can write and read again', function (int $seed): void {
    $catalogue = Cases::english();
    $read = 0;
    foreach (scraps($seed) as $text) {
        try {
            $amount = Cases::amount($text);
        } catch (BadInput $e) {
            expect($catalogue->say($e->said))->not->toBe('');

            continue;
        }
        $read++;
        $base = $amount->inBase();
        // Looked at plainly: twenty thousand expectations would take longer than the reading.
        if ($base->low <= 0.0 || $base->low > $base->likely || $base->likely > $base->high || ! Cases::amount(AmountFormatter::machine($amount))->isSameAs($amount)) {
            $this->fail("$text became ".AmountFormatter::machine($amount));
        }
    }
    expect($read)->toBeGreaterThan(0);
})->with([1, 7, 42, 1234, 99991]);

it('reads any strength or refuses it in words', function (int $seed): void {
    $catalogue = Cases::english();
    foreach (new LimitIterator(scraps($seed), 0, 400) as $n => $text) {
        $ingredient = Cases::ingredient(Cases::table('ingredients')->ids()[$n % 40]);
        try {
            $strength = StrengthParser::parse($text, $ingredient);
        } catch (BadInput $e) {
            expect($catalogue->say($e->said))->not->toBe('');

            continue;
        }
        expect($strength->grams->low)->toBeGreaterThan(0.0)->and($strength->grams->high)->toBeLessThanOrEqual(1.5)->and($strength->percent->high)->toBeLessThanOrEqual(100.0 + 1e-6);
    }
})->with([3, 77, 2026]);
