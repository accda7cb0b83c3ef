<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

use Nebbia\Core\Data\Sentence\Message;

/** What a finding rests on: a rule with its figures, its basis and how sure it is. */
final readonly class RuleGround
{
    /** @param  list<string>  $substances */
    private function __construct(
        public string $id,
        public GroundTopic $topic,
        public Message $title,
        public Message $text,
        public string $basis,
        public string $sure,
        /** Ids it speaks of. */
        public array $substances,
    ) {}

    /** @param  list<string>  $substances */
    public static function of(string $id, GroundTopic $topic, Message $title, Message $text, string $basis, string $sure, array $substances = []): self
    {
        return new self($id, $topic, $title, $text, $basis, $sure, $substances);
    }
}
