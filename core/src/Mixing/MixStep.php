<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing;

use Nebbia\Core\Data\Sentence\Message;

/** One step of mixing: what goes in, and how. */
final readonly class MixStep
{
    private function __construct(
        /** Position of the line in the recipe; null for the base. */
        public ?int $line,
        public string $group,
        public Message $how,
    ) {}

    public static function of(?int $line, string $group, Message $how): self
    {
        return new self($line, $group, $how);
    }
}
