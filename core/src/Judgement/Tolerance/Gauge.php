<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Plant\SensitivityGroup;

/** One strength beside its working range and what the plant bears, in the unit that thresholds are said in. */
final readonly class Gauge
{
    /** @param  array{float, float}|null  $works */
    public function __construct(
        public string $substance,
        public string $name,
        public string $unit,
        public Interval $strength,
        public ?array $works,
        /** Null where no figure is known, or the use is not judged on leaves. */
        public ?float $careful,
        public ?float $stop,
        public SensitivityGroup $group,
        public ?StrengthVerdict $verdict,
        /** Part of the burden, likely over careful; null where it has none. */
        public ?float $share,
    ) {}
}
