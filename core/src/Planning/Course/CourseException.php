<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Course;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** A course that cannot be read. */
final class CourseException extends BadInput
{
    public static function notACourse(): self
    {
        return (new self(Message::of('course.not-a-course')))->at('format');
    }

    public static function missing(string $field): self
    {
        return (new self(Message::of('recipe.missing')))->at($field);
    }

    public static function notAnObject(string $field): self
    {
        return (new self(Message::of('recipe.not-an-object')))->at($field);
    }

    /** @param  list<string>  $known */
    public static function notOneOf(string $field, array $known): self
    {
        return (new self(Message::of('course.not-one-of', ['known' => implode(', ', $known)])))->at($field);
    }

    public static function day(string $field): self
    {
        return (new self(Message::of('course.day')))->at($field);
    }

    public static function place(string $field): self
    {
        return (new self(Message::of("course.$field")))->at("place.$field");
    }

    public static function number(string $field): self
    {
        return (new self(Message::of('course.number')))->at($field);
    }

    public static function recipes(): self
    {
        return (new self(Message::of('course.recipes')))->at('recipe');
    }

    public static function freeHours(string $field): self
    {
        return (new self(Message::of('course.free-hours')))->at($field);
    }

    public static function care(string $field): self
    {
        return (new self(Message::of('course.care')))->at($field);
    }
}
