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
    ) {}

    /** It could not be finished: there was no hour. */
    public function isShort(): bool
    {
        return count($this->rounds) < $this->rhythm->number;
    }
}
