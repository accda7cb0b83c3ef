<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Round;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;

/** What follows from a round being on a day. */
final readonly class Consequence
{
    private function __construct(
        public string $id,
        public Severity $severity,
        public Message $said,
    ) {}

    /** @param  array<string, string|int|float>  $params */
    public static function of(string $id, Severity $severity, array $params = []): self
    {
        return new self($id, $severity, Message::of("course.move.$id", $params));
    }
}
