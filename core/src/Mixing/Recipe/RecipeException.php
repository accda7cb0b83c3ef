<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Recipe;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** A recipe that cannot be read or worked out. */
final class RecipeException extends BadInput
{
    public static function notARecipe(): self
    {
        return (new self(Message::of('recipe.not-a-recipe')))->at('format');
    }

    public static function missing(string $field): self
    {
        return (new self(Message::of('recipe.missing')))->at($field);
    }

    public static function nameless(string $field): self
    {
        return (new self(Message::of('recipe.nameless')))->at($field);
    }

    public static function density(string $field): self
    {
        return (new self(Message::of('recipe.density')))->at($field);
    }

    public static function notText(string $field): self
    {
        return (new self(Message::of('recipe.not-text')))->at($field);
    }

    public static function notAList(string $field): self
    {
        return (new self(Message::of('recipe.not-a-list')))->at($field);
    }

    public static function notAnObject(string $field): self
    {
        return (new self(Message::of('recipe.not-an-object')))->at($field);
    }

    public static function notWhole(string $field): self
    {
        return (new self(Message::of('recipe.not-whole')))->at($field);
    }

    public static function tooLong(string $field, int $most): self
    {
        return (new self(Message::of('recipe.too-long', ['most' => $most])))->at($field);
    }

    public static function tooManyLines(int $most): self
    {
        return (new self(Message::of('recipe.too-many-lines', ['most' => $most])))->at('ingredients');
    }

    /** @param  list<string>  $allowed */
    public static function notOneOf(string $field, array $allowed): self
    {
        return (new self(Message::of('recipe.not-one-of', ['allowed' => implode(', ', $allowed)])))->at($field);
    }

    public static function solidBase(string $ingredient): self
    {
        return (new self(Message::of('recipe.solid-base', ['ingredient' => $ingredient])))->at('base.liquid');
    }

    public static function sharesOverWhole(string $field): self
    {
        return (new self(Message::of('recipe.shares-over-whole')))->at($field);
    }

    public static function noRoomForBase(float $liquidsMl, float $finalMl): self
    {
        return (new self(Message::of('recipe.no-room-for-base', ['liquids' => $liquidsMl, 'final' => $finalMl])))->at('base.amount');
    }

    public static function tooLarge(string $field): self
    {
        return (new self(Message::of('amount.too-large')))->at($field);
    }
}
