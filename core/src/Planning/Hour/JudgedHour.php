<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Hour;

use Nebbia\Core\Judgement\Hour\Objection;
use Nebbia\Core\Judgement\Hour\SprayWindow;

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
