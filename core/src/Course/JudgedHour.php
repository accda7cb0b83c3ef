<?php

declare(strict_types=1);

namespace Nebbia\Core\Course;

use Nebbia\Core\Hour\Objection;
use Nebbia\Core\Hour\SprayWindow;

/** An hour of the forecast, judged for a spray. */
final readonly class JudgedHour
{
    /** @param  list<array{Objection, SprayWindow}>  $objections  what is against it, those that forbid first */
    public function __construct(
        public int $at,
        public HourWord $word,
        public array $objections,
    ) {}
}
