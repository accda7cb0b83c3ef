<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Round;

use Nebbia\Core\Data\Severity;
use Nebbia\Core\Planning\Hour\JudgedHour;
use Nebbia\Core\Planning\Hour\Slot;

/** A day on which a round might be: its best hours, and what would follow. */
final readonly class DayOutlook
{
    /** @param  list<Consequence>  $consequences  the gravest first */
    public function __construct(
        public string $day,
        /** Null where no hour will do. */
        public ?Slot $slot,
        /** What is against the best hour, or against the usual one where there is none. */
        public ?JudgedHour $against,
        public array $consequences,
        /** As the plan counts it; the more, the better. */
        public float $score,
    ) {}

    public function worst(): Severity
    {
        return $this->consequences[0]->severity ?? Severity::Fine;
    }
}
