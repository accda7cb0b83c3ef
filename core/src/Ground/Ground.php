<?php

declare(strict_types=1);

namespace Nebbia\Core\Ground;

use Nebbia\Core\Message\Message;

/** What a finding rests on: a rule with its figures, its basis and how sure it is. */
final readonly class Ground
{
    private function __construct(
        public string $id,
        public Topic $topic,
        public Message $title,
        public Message $text,
        public string $basis,
        public string $sure,
    ) {}

    public static function of(string $id, Topic $topic, Message $title, Message $text, string $basis, string $sure): self
    {
        return new self($id, $topic, $title, $text, $basis, $sure);
    }
}
