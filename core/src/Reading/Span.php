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
        /** @var list<Answer> what may be meant, where it is doubted */
        public array $answers = [],
    ) {}

    /**
     * @param  string  $whole  the paragraph
     * @param  int  $from  byte offsets
     * @param  list<Answer>  $answers
     */
    public static function of(string $whole, int $from, int $to, string $kind, Message $what, array $answers = []): self
    {
        $text = substr($whole, $from, $to - $from);
        $start = mb_strlen(substr($whole, 0, $from));

        return new self($text, $start, $start + mb_strlen($text), $kind, $what, $answers);
    }

    /**
     * @return array{text: string, start: int, end: int, kind: string, what: string, answers?: list<array{label: string, text: string,
     *     append: bool}>}
     */
    public function toArray(Catalogue $catalogue): array
    {
        return [
            'text' => $this->text,
            'start' => $this->start,
            'end' => $this->end,
            'kind' => $this->kind,
            'what' => $catalogue->sentence($this->what),
        ] + ($this->answers === [] ? [] : [
            'answers' => array_map(static fn (Answer $answer): array => $answer->toArray($catalogue), $this->answers),
        ]);
    }
}
