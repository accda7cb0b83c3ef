<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Label;

use DateTimeImmutable;
use Nebbia\Core\Data\Sentence\Message;

/** What belongs on the bottle: what it is, what is in it, from when and until when, for what, and what to beware of. */
final readonly class BottleLabel
{
    /**
     * @param  list<Message>  $contents
     * @param  list<Message>  $cautions
     */
    public function __construct(
        public string $name,
        public array $contents,
        public Message $use,
        public DateTimeImmutable $madeAt,
        /** Null where it is to be used at once. */
        public ?DateTimeImmutable $useBy,
        public Message $keeps,
        public array $cautions,
    ) {}
}
