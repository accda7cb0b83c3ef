<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Round;

use Nebbia\Core\Planning\Course\Course;
use Nebbia\Core\Planning\Course\Rhythm;

/** The rounds of a course. */
final readonly class CoursePlan
{
    /** @param  list<PlannedRound>  $rounds */
    public function __construct(
        public Course $course,
        public Rhythm $rhythm,
        public array $rounds,
        /** What it came to, and what it would have come to if no other course stood in its way. */
        public float $score,
        public float $bound,
        /** No other course stands in the way of what is best for it. */
        public bool $isFree = true,
        /** Nothing is to be sprayed, for a reason that is said beside it. */
        public bool $isStopped = false,
    ) {}

    /** The same course with nothing to be sprayed. */
    public function withoutRounds(): self
    {
        return new self($this->course, $this->rhythm, [], 0.0, 0.0, $this->isFree, true);
    }

    /** It could not be finished: there was no hour. */
    public function isShort(): bool
    {
        return ! $this->isStopped && count($this->rounds) < $this->rhythm->number;
    }
}
