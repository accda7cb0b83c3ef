<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Need;

use Nebbia\Core\Data\Interval;

/** How much spray is needed, mL. */
final readonly class Need
{
    /** @param  list<StandNeed>  $stands */
    private function __construct(
        public array $stands,
        public Interval $total,
    ) {}

    /** @param  list<StandNeed>  $stands */
    public static function of(array $stands): self
    {
        $total = Interval::zero();
        foreach ($stands as $stand) {
            $total = $total->plus($stand->total);
        }

        return new self($stands, $total);
    }
}
