<?php

declare(strict_types=1);

namespace Nebbia\Core\Chemistry;

use Nebbia\Core\Data\Interval;

/** The pH of a mix, an estimate. */
final readonly class FoundPh
{
    public function __construct(
        public Interval $ph,
        /** With the gas still in it; null where none is set free. */
        public ?float $fresh,
        /** meq/L to pH 7 */
        public float $acidity,
    ) {}
}
