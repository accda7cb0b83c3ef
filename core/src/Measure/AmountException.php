<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** An amount that cannot be read or cannot be. */
final class AmountException extends BadInput
{
    public static function empty(): self
    {
        return new self(Message::of('amount.empty'));
    }

    public static function tooLong(): self
    {
        return new self(Message::of('amount.too-long'));
    }

    public static function unreadable(string $text): self
    {
        return new self(Message::of('amount.unreadable', ['text' => $text]));
    }

    public static function unknownUnit(string $unit, string $text): self
    {
        return new self(Message::of('amount.unknown-unit', ['unit' => $unit, 'text' => $text]));
    }

    public static function noUnit(string $text): self
    {
        return new self(Message::of('amount.no-unit', ['text' => $text]));
    }

    public static function ambiguousComma(string $text): self
    {
        return new self(Message::of('amount.ambiguous-comma', [
            'text' => $text, 'decimal' => str_replace(',', '.', $text), 'plain' => str_replace(',', '', $text),
        ]));
    }

    public static function notPositive(): self
    {
        return new self(Message::of('amount.not-positive'));
    }

    public static function reversed(): self
    {
        return new self(Message::of('amount.reversed'));
    }

    public static function divisionByZero(string $text): self
    {
        return new self(Message::of('amount.division-by-zero', ['text' => $text]));
    }

    public static function tooLarge(): self
    {
        return new self(Message::of('amount.too-large'));
    }

    public static function overWhole(string $text): self
    {
        return new self(Message::of('amount.over-whole', ['text' => $text]));
    }

    public static function cannotAdd(): self
    {
        return new self(Message::of('amount.cannot-add'));
    }

    public static function notAVolume(string $unit): self
    {
        return new self(Message::of('amount.not-a-volume', ['unit' => $unit]));
    }

    public static function noDensity(string $ingredient, string $unit): self
    {
        return new self(Message::of('amount.no-density', ['ingredient' => $ingredient, 'unit' => $unit]));
    }

    public static function noSuchPiece(string $ingredient, string $unit): self
    {
        return new self(Message::of('amount.no-such-piece', ['ingredient' => $ingredient, 'unit' => $unit]));
    }

    public static function noSubstance(string $ingredient): self
    {
        return new self(Message::of('amount.no-substance', ['ingredient' => $ingredient]));
    }

    public static function stretchedStrength(string $ingredient, float $limit): self
    {
        return new self(Message::of('amount.stretched-strength', ['ingredient' => $ingredient, 'limit' => $limit]));
    }

    public static function notByVolume(string $ingredient): self
    {
        return new self(Message::of('amount.not-by-volume', ['ingredient' => $ingredient]));
    }
}
