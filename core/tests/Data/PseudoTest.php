<?php

declare(strict_types=1);

use Nebbia\Core\Data\Sentence\Pattern;
use Nebbia\Core\Data\Sentence\Pseudo;
use Nebbia\Core\Tests\Cases;

it('has accents and is a third longer, and leaves what enters a sentence', function (string $pattern, array $params, string $said): void {
    $formatter = MessageFormatter::create('en', Pattern::of(Pseudo::pattern($pattern))->icu());
    expect($formatter?->format($params))->toBe($said);
})->with([
    ['Spray it', [], 'Šþŕáý íţ~~~'],
    ['Mix {volume} of {recipe}', ['volume' => '2 L', 'recipe' => 'Evening soap'], 'Ɯíẋ~ 2 L óƒ~ Evening soap'],
    ['{n, plural, one {# round} other {# rounds}}', ['n' => 1], '1 ŕóúñđ~~'],
    ['{late, select, yes {late} other {}}', ['late' => 'yes'], 'ļáţé~~'],
]);

it('keeps every sentence sayable, with the same parameters', function (): void {
    foreach (Cases::english()->patterns() as $key => $pattern) {
        $other = Pattern::of(Pseudo::pattern($pattern->text));
        expect($other->fault('en'))->toBeNull($key)->and($other->arguments)->toEqual($pattern->arguments, $key);
    }
});
