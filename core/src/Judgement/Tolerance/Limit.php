<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Judgement\Evidence\Learned;
use Nebbia\Core\Plant\Modifier;
use Nebbia\Core\Plant\SensitivityGroup;
use Nebbia\Core\Plant\Threshold;

/**
 * What a plant bears of one substance as it stands: the threshold of its group, times what stage, strain, hour and experience make of it.
 */
final readonly class Limit
{
    /**
     * @param  float|null  $stop  null where none is known
     * @param  float  $factor  by which conditions have moved it, 1 where they have not
     * @param  list<Modifier>  $modifiers  that have
     */
    private function __construct(
        public Threshold $threshold,
        public SensitivityGroup $group,
        public float $careful,
        public ?float $stop,
        public float $factor,
        public array $modifiers,
        public ?Learned $learned,
    ) {}

    /** @param  list<Modifier>  $modifiers */
    public static function of(
        Threshold $threshold,
        SensitivityGroup $group,
        float $careful,
        ?float $stop,
        float $factor,
        array $modifiers,
        ?Learned $learned,
    ): self {
        return new self($threshold, $group, $careful, $stop, $factor, $modifiers, $learned);
    }

    /**
     * Stop needs the likely strength; where only the upper end gets there it is measured too loosely.
     *
     * @param  float  $part  1 on leaves, 0.5 where roots bear half
     */
    public function verdict(Interval $strength, float $part = 1.0): StrengthVerdict
    {
        return StrengthVerdict::of($strength, $this->careful * $part, $this->stop === null ? INF : $this->stop * $part);
    }
}
