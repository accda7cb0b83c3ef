<?php

declare(strict_types=1);

namespace Nebbia\Core\Chemistry;

use Nebbia\Core\Data\Sentence\Message;

/** Something that was not put in, and is there now. */
final readonly class Made
{
    private function __construct(
        public string $id,
        /** Grams in a litre of the mix, by the likely amounts; the most there can be where mostLikely is false. */
        public float $gramsPerLitre,
        /** False where only an upper bound is known. */
        public bool $isLikely,
    ) {}

    public static function of(string $id, float $gramsPerLitre, bool $isLikely = true): self
    {
        return new self($id, $gramsPerLitre, $isLikely);
    }

    public function name(): Message
    {
        return Message::of("made.$this->id");
    }
}
