<?php

declare(strict_types=1);

namespace Nebbia\Core\Data;

use LogicException;

/** The project's own data is not as it should be. */
final class BrokenData extends LogicException
{
    public static function notARow(string $where): self
    {
        return new self("$where: this should be a row of named values.");
    }

    public static function lacks(string $key, string $where): self
    {
        return new self("$where: '$key' is missing, or of the wrong type.");
    }

    public static function noSuchRow(string $id, string $where, ?string $near): self
    {
        return new self("$where: there is no row '$id', of which another row speaks".($near === null ? '.' : ": is '$near' meant?"));
    }

    public static function unknown(string $id, string $where, ?string $near): self
    {
        return new self("$where: nothing is known as '$id'".($near === null ? '.' : "; is '$near' meant?"));
    }

    /** @param  list<string|int>  $words */
    public static function notOneOf(string $key, string $word, array $words, string $where): self
    {
        return new self("$where: '$key' is '$word'; write one of ".implode(', ', $words).'.');
    }

    public static function shapeless(string $where, string $why): self
    {
        return new self("$where: $why. The shapes are in core/data/schema.json.");
    }

    public static function twice(string $table, string $id): self
    {
        return new self("core/data, $table: the id '$id' is there twice: give one of the rows another.");
    }

    public static function ambiguous(string $table, string $name, string $one, string $other): self
    {
        return new self("core/data, $table: the name '$name' is both $one and $other: take it from one of them.");
    }

    public static function silent(string $table, string $id, string $key): self
    {
        return new self("core/data, $table, $id: there is no sentence '$key': add it to core/data/messages.");
    }

    public static function groundless(string $table, string $id): self
    {
        return new self("core/data, $table, $id: it does not say what it rests on: give it a basis.");
    }

    public static function ruleLacks(string $rule, string $what): self
    {
        return new self("core/src, $rule: it brings no $what: write what its findings rest on and say.");
    }

    public static function unreadable(string $path): self
    {
        return new self("$path cannot be read: it should be a file of rows in YAML.");
    }
}
