<?php

declare(strict_types=1);

use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Sentence\Pattern;
use Nebbia\Core\Data\Sentence\UnknownMessage;

it('knows which parameters a sentence takes', function (): void {
    $pattern = Pattern::of("{name}'s {n, plural, =0 {none of {kind}} one {# left} other {# left, {share, number, ::@@#} %}} {so, select, yes {x} other {y}}");
    expect(array_map(static fn (array $one): string => $one['type'], $pattern->arguments))->toEqualCanonicalizing(['name' => 'text', 'n' => 'plural', 'kind' => 'text', 'share' => 'number', 'so' => 'select'])
        ->and($pattern->arguments['so']['keys'])->toBe(['yes'])
        ->and($pattern->numbers())->toEqualCanonicalizing(['n', 'share'])
        ->and($pattern->fault('en'))->toBeNull();
});

it('refuses a sentence that can never be said', function (string $pattern): void {
    expect(fn () => Catalogue::check('en', ['a.b' => $pattern]))->toThrow(UnknownMessage::class, "'a.b'");
})->with([
    'a number and text at once' => ['{n, plural, =1 {2} other {{n}}}'],
    'no other' => ['{n, plural, one {#}}'],
    'a brace too many' => ['{n}}'],
    'a brace left open' => ['{n, select, a {x} other {y}'],
    'no such skeleton' => ['{n, number, ::nonsense-here}'],
]);

it('refuses to say a sentence without its parameters, or with text for a number', function (): void {
    $catalogue = Catalogue::of('en', ['a' => '{name} has {n, plural, one {#} other {#}} at {x, number, ::@@}.']);
    expect($catalogue->say(Message::of('a', ['name' => 'Ada', 'n' => 2, 'x' => 0.9871])))->toBe('Ada has 2 at 0.99.')
        ->and(fn () => $catalogue->say(Message::of('a', ['name' => 'Ada', 'n' => 2])))->toThrow(UnknownMessage::class, "'x'")
        ->and(fn () => $catalogue->say(Message::of('a', ['name' => 'Ada', 'n' => 'two', 'x' => 1])))->toThrow(UnknownMessage::class, "'n'");
});
