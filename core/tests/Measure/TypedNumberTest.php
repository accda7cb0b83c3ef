<?php

declare(strict_types=1);

use Nebbia\Core\Measure\TypedNumber;

// What stands in a field that takes one number, and the number that a neighbour would read there.
it('reads a number as it stands in a field', function (string $typed, ?float $number): void {
    expect(TypedNumber::read($typed))->toBe($number);
})->with([
    ['150', 150.0], ['38.7', 38.7], ['38,7', 38.7], [' 38,7 ', 38.7], ['-9,14', -9.14], ['−9.14', -9.14], ['- 9.14', -9.14], ['+9', 9.0], ['.5', 0.5], [',5', 0.5],
    ['٣', 3.0], ['３．５', 3.5], ['−٢٫٥', -2.5], ['1½', 1.5], ['1 1/2', 1.5], ['¾', 0.75], ['12°', 12.0], ['0', 0.0], ['1.500', 1.5],
    // Fifteen hundred to one, one and a half to another; two numbers; no number; what no hand writes.
    ['1,500', null], ['1;5', null], ['12 30', null], ['', null], ['soft', null], ['12 m', null], ['1/0', null], ['--3', null], ['1e3', null], ['1e400', null], ['0x1A', null], ["5\n6", null], ['NaN', null],
    [str_repeat('9', 400), null],
]);

it('reads a place on the map with the letter of its half, and its comma as a decimal one', function (string $typed, ?float $degrees): void {
    expect(TypedNumber::degrees($typed))->toBe($degrees);
})->with([
    ['38.722', 38.722], ['38,722', 38.722], ['-9,139', -9.139], ['38.72 N', 38.72], ['9.14° W', -9.14], ['9.14°W', -9.14], ['33,9 s', -33.9], ['18.4E', 18.4], ['+18.4', 18.4],
    // 38° 43′ 12″ is 38 + 43/60 + 12/3600 = 38.72; 9° 8.4′ is 9 + 8.4/60 = 9.14.
    ['38° 43′ 12″ N', 38.72], ["38°43'12\" N", 38.72], ['9° 8.4′ W', -9.14], ['9° 8′ W', -9.1333], ["9°8,4' W", -9.14],
    // A sign and a letter that say it twice; minutes that are none; two places in one field.
    ['-9.14 W', null], ['38° 75′ N', null], ['38.72, -9.14', null], ['Lisbon', null], ['', null], ['38.72 X', null],
]);
