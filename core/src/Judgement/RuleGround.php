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
    public static function of(
        string $id,
        GroundTopic $topic,
        Message $title,
        Message $text,
        string $basis,
        string $sure,
        array $substances = [],
    ): self {
        return new self($id, $topic, $title, $text, $basis, $sure, $substances);
    }

    /**
     * A ground whose sentences stand under its own id.
     *
     * @param  array<string, string|int|float>  $params
     */
    public static function plain(string $id, GroundTopic $topic, string $basis, string $sure, array $params = []): self
    {
        return self::of($id, $topic, Message::of("ground.$id.title", $params), Message::of("ground.$id.text", $params), $basis, $sure);
    }
}
