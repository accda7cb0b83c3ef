<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Measuring;

use Nebbia\Core\Measure\Tool\Measurement;
use Nebbia\Core\Measure\Tool\StockDilution;

/** How one line of a mix is measured with the gardener's own tools. */
final readonly class LineMeasure
{
    private function __construct(
        /** Null for what is counted, and where there is no tool for it. */
        public ?Measurement $direct,
        /** Where no tool measures the dose well enough, and a thinned stock does. */
        public ?StockDilution $stock,
        /** Whether what is there is within the error that is accepted. */
        public bool $isNear,
    ) {}

    public static function direct(?Measurement $measurement, bool $isNear): self
    {
        return new self($measurement, null, $isNear);
    }

    public static function throughStock(?Measurement $direct, StockDilution $stock): self
    {
        return new self($direct, $stock, true);
    }
}
