<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Reading\Answer;
use Nebbia\Core\Reading\Span;
use Nebbia\Core\Reading\Words\Token;

/** What is doubted of a paragraph, each with the phrase it is about. */
final class Doubts
{
    /** @var list<Span> */
    private array $spans = [];

    public function __construct(private readonly string $text) {}

    /** @param  list<Answer>  $answers */
    public function add(Token $token, string $kind, Message $what, array $answers = []): void
    {
        $this->spans[] = Span::of($this->text, $token->start, $token->end(), $kind, $what, $answers);
    }

    /**
     * Of the paragraph as a whole.
     *
     * @param  list<Answer>  $answers
     */
    public function addAll(string $kind, Message $what, array $answers = []): void
    {
        $this->spans[] = Span::of($this->text, 0, strlen($this->text), $kind, $what, $answers);
    }

    /** @return list<Span> in the order of the text */
    public function all(): array
    {
        $spans = $this->spans;
        usort($spans, static fn (Span $a, Span $b): int => $a->start <=> $b->start);

        return $spans;
    }
}
