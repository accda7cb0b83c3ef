<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Evidence;

use Nebbia\Core\Data\Sentence\Message;

/** What to do after a look at a test patch. */
final readonly class PatchAdvice
{
    private function __construct(
        /** next, done, enough, weaker or stop */
        public string $id,
        public ?PatchStep $step,
    ) {}

    public static function of(string $id, ?PatchStep $step): self
    {
        return new self($id, $step);
    }

    public function what(): Message
    {
        return Message::of("patch.advice.$this->id.what", ['percent' => 100.0 * ($this->step->fraction ?? 1.0)]);
    }

    public function because(float $score): Message
    {
        return Message::of("patch.advice.$this->id.because", ['score' => $score]);
    }
}
