<?php

declare(strict_types=1);

use Nebbia\Core\Reading\Often\PaceReader;
use Nebbia\Core\Reading\Words\Lexicon;
use Nebbia\Core\Reading\Words\Scanner;
use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Reading\Words\TokenKind;
use Nebbia\Core\Tests\Cases;

/** @return list<Token> */
function tokensOf(string $text): array
{
    static $scanner = null;
    $scanner ??= new Scanner(Cases::get(Lexicon::class), Cases::get(PaceReader::class));

    return $scanner->scan($text);
}

it('cuts a stretch of words in one piece, and knows what it is', function (string $text, TokenKind $kind, string $value): void {
    $tokens = tokensOf($text);
    expect($tokens)->toHaveCount(1, $text)->and($tokens[0]->kind)->toBe($kind)->and($tokens[0]->text)->toBe($text)->and($tokens[0]->value)->toBe($value);
})->with([
    ['2 1/2 tablespoons', TokenKind::Amount, '2 1/2 tablespoons'],
    ['half a teaspoonful', TokenKind::Amount, '1/2 teaspoon'],
    ['two heaped tablespoons', TokenKind::Amount, '2 tablespoons'],
    ['3 large onions', TokenKind::Amount, '3 large onions'],
    ['1,5 L', TokenKind::Amount, '1,5 L'],
    ['30-40 ml', TokenKind::Amount, '30-40 ml'],
    ['a few drops', TokenKind::Amount, 'a few drops'],
    ['1 imp gal', TokenKind::Amount, '1 imp gal'],
    ['due cucchiai da tavola', TokenKind::Amount, '2 cucchiai da tavola'],
    ['meia colher de chá', TokenKind::Amount, '1/2 colher de chá'],
    ['per litre', TokenKind::Rate, '1 litre'],
    ['to every gallon', TokenKind::Rate, '1 gallon'],
    ['/L', TokenKind::Rate, '1 L'],
    ['por litro', TokenKind::Rate, '1 litro'],
    ['0,3 %', TokenKind::Percent, '0,3 %'],
    ['70 per cent', TokenKind::Percent, '70 per cent'],
    ['10 volumes', TokenKind::Strength, '10 volumes'],
    ['20 volumi', TokenKind::Strength, '20 volumes'],
    ['140 proof', TokenKind::Strength, '140 proof'],
    ['1:500', TokenKind::Ratio, '1:500'],
    ['1 in 50', TokenKind::Ratio, '1 in 50'],
    ['hydrogen peroxide', TokenKind::Ingredient, 'hydrogen-peroxide'],
    ['washing-up liquid', TokenKind::Ingredient, 'dish-detergent'],
    ['acqua ossigenata', TokenKind::Ingredient, 'hydrogen-peroxide'],
    ['óleo de neem', TokenKind::Ingredient, 'neem-oil'],
    ['sapone', TokenKind::Unnamed, 'liquid-castile-soap'],
    ['rainwater', TokenKind::Water, ''],
    ['spider mites', TokenKind::Target, 'spider-mite'],
    ['afidi', TokenKind::Target, 'aphid'],
    ['every 2 weeks', TokenKind::Repeat, '14'],
    ['every other day', TokenKind::Repeat, '2'],
    ['a cada 5 dias', TokenKind::Repeat, '5'],
    ['ogni settimana', TokenKind::Repeat, '7'],
    ['every 3-4 days', TokenKind::RepeatRange, '3.5'],
    ['twice a week', TokenKind::Repeat, '3.5'],
    ['three times', TokenKind::Times, '3'],
    ['for 24 hours', TokenKind::Duration, ''],
    ['make up to', TokenKind::Final, ''],
    ['water the plants', TokenKind::Use, 'drench'],
    ['weed killer', TokenKind::Use, 'weed'],
    ['50/50', TokenKind::Half, '1:1'],
    ['instead of', TokenKind::Not, ''],
]);

it('loses nothing: the tokens and the space between them are the text', function (string $text): void {
    $at = 0;
    foreach (tokensOf($text) as $token) {
        expect(trim(substr($text, $at, $token->start - $at), " \t\u{00A0}"))->toBe('')->and(substr($text, $token->start, strlen($token->text)))->toBe($token->text);
        $at = $token->end();
    }
    expect(trim(substr($text, $at)))->toBe('');
})->with([
    'Half a teaspoon of washing-up liquid to a litre of lukewarm water, spray weekly.',
    "Due cucchiai d'olio di neem, 1 L d'acqua; (non candeggina!)\nSpruzzare.",
    'Água – ½ L, 🧄🧄 3 dentes de alho…',
    '1 tsp. of soap. 2 tbsp. oil. END',
]);

it('ends a sentence at a dot, but not at the dot of a unit or of a number', function (): void {
    $kinds = array_map(static fn (Token $token): TokenKind => $token->kind, tokensOf('1.5 tsp. of soap. Spray.'));
    expect($kinds)->toBe([TokenKind::Amount, TokenKind::Of, TokenKind::Unnamed, TokenKind::Stop, TokenKind::Use, TokenKind::Stop]);
    $split = array_map(static fn (Token $token): TokenKind => $token->kind, tokensOf('Soap: 1 tbsp. Oil: 1 cup.'));
    expect($split)->toBe([TokenKind::Unnamed, TokenKind::Mark, TokenKind::Amount, TokenKind::Stop, TokenKind::Ingredient, TokenKind::Mark, TokenKind::Amount, TokenKind::Stop]);
});
