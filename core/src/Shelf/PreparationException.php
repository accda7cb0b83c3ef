<?php

declare(strict_types=1);

namespace Nebbia\Core\Shelf;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** A preparation that cannot be made so. */
final class PreparationException extends BadInput
{
    public static function notAPreparation(): self
    {
        return (new self(Message::of('making.not-a-preparation')))->at('format');
    }

    /** @param  list<string>  $known */
    public static function noSuchKind(string $kind, array $known): self
    {
        return (new self(Message::of('making.no-such-kind', ['kind' => $kind, 'known' => implode(', ', $known)])))->at('kind');
    }

    public static function noSuchPreparation(string $field): self
    {
        return (new self(Message::of('making.no-such-preparation')))->at($field);
    }

    public static function another(string $field, string $is, string $wanted): self
    {
        return (new self(Message::of('making.another', ['is' => $is, 'wanted' => $wanted])))->at($field);
    }

    public static function nothingIn(): self
    {
        return (new self(Message::of('making.nothing-in')))->at('ingredients');
    }

    public static function moreThanWentIn(float $most): self
    {
        return (new self(Message::of('making.more-than-went-in', ['most' => $most])))->at('strained');
    }

    public static function lessThanThere(float $there): self
    {
        return (new self(Message::of('making.less-than-there', ['there' => $there])))->at('topped_up');
    }

    public static function missing(string $field): self
    {
        return (new self(Message::of('recipe.missing')))->at($field);
    }

    public static function notText(string $field): self
    {
        return (new self(Message::of('recipe.not-text')))->at($field);
    }

    public static function notATime(string $field): self
    {
        return (new self(Message::of('making.not-a-time')))->at($field);
    }

    /** @param  list<string>  $places */
    public static function noPlace(string $name, array $places): self
    {
        return (new self(Message::of('making.no-place', ['name' => $name, 'places' => implode(', ', $places)])))->at('kept');
    }

    public static function unknownPlace(): self
    {
        return (new self(
            Message::of('making.unknown-place', ['places' => implode(', ', array_column(KeepingPlace::cases(), 'value'))]),
        ))->at('kept');
    }

    public static function stands(): self
    {
        return (new self(Message::of('making.stands')))->at('stands_hours');
    }

    public static function ph(): self
    {
        return (new self(Message::of('making.ph')))->at('ph');
    }

    public static function freeAlkali(): self
    {
        return (new self(Message::of('making.free-alkali')))->at('soap');
    }

    public static function soapHasABench(): self
    {
        return (new self(Message::of('making.soap-has-a-bench')))->at('soap');
    }
}
