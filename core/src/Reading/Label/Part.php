<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label;

use Nebbia\Core\Data\Interval;

/** One thing that a label names. */
final readonly class Part
{
    private function __construct(
        /** As it stands on the label. */
        public string $text,
        /** What it was taken for; null where it is not known. */
        public ?string $name,
        public PartClass $class,
        /** Where it stands, in Unicode code points. */
        public int $start,
        public int $end,
        /** Its share, % , where the label bounds it. */
        public ?Interval $share,
        /** It was not spelt like that. */
        public bool $isGuess,
    ) {}

    public static function of(
        string $text,
        ?string $name,
        PartClass $class,
        int $start,
        int $end,
        ?Interval $share,
        bool $isGuess = false,
    ): self {
        return new self($text, $name, $class, $start, $end, $share, $isGuess);
    }

    /** The same, by what the bottle turned out to be. */
    public function taken(string $name, PartClass $class): self
    {
        return new self($this->text, $name, $class, $this->start, $this->end, $this->share, $this->isGuess);
    }
}
