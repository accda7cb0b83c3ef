<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading;

use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;

/** One way to settle a doubt: words in place of those that are doubted, or behind the whole text. */
final readonly class Answer
{
    private function __construct(public Message $label, public string $text, public bool $isAppended) {}

    public static function instead(string $text, ?Message $label = null): self
    {
        return new self($label ?? Message::of('reading.answer.plain', ['text' => $text]), $text, false);
    }

    public static function named(string $name, string $text): self
    {
        return new self(Message::of('reading.answer.plain', ['text' => $name]), $text, false);
    }

    public static function behind(string $text, Message $label): self
    {
        return new self($label, $text, true);
    }

    /** @return array{label: string, text: string, append: bool} */
    public function toArray(Catalogue $catalogue): array
    {
        return ['label' => $catalogue->sentence($this->label), 'text' => $this->text, 'append' => $this->isAppended];
    }
}
