<?php

declare(strict_types=1);

namespace Nebbia\Core\Data\Sentence;

/**
 * A sentence to be said: a key of the catalogue and what goes into it. Core never speaks a language itself.
 */
final readonly class Message
{
    /** @param  array<string, string|int|float|Message>  $params */
    private function __construct(
        public string $key,
        public array $params,
    ) {}

    /** @param  array<string, string|int|float|Message>  $params */
    public static function of(string $key, array $params = []): self
    {
        return new self($key, $params);
    }
}
