<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading;

use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;

/** A stretch of the paragraph, in Unicode code points, and what is said of it. */
final readonly class Span
{
    private function __construct(
        public string $text,
        public int $start,
        public int $end,
        public string $kind,
        public Message $what,
    ) {}

    /**
     * @param  string  $whole  the paragraph
     * @param  int  $from  byte offsets
     */
    public static function of(string $whole, int $from, int $to, string $kind, Message $what): self
    {
        $text = substr($whole, $from, $to - $from);
        $start = mb_strlen(substr($whole, 0, $from));

        return new self($text, $start, $start + mb_strlen($text), $kind, $what);
    }

    /** @return array{text: string, start: int, end: int, kind: string, what: string} */
    public function toArray(Catalogue $catalogue): array
    {
        return ['text' => $this->text, 'start' => $this->start, 'end' => $this->end, 'kind' => $this->kind, 'what' => $catalogue->sentence($this->what)];
    }
}
