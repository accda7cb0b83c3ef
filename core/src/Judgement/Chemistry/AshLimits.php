<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Chemistry;

use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;

/** What the pH of strained ash water says of it, in the jar as on leaves: of its strength only that tells. */
final readonly class AshLimits
{
    /** Up to this pH it is no worse than soap. */
    public const MILD = 10.0;

    /** Above this it is lye. */
    public float $caustic;

    public function __construct(Table $chemistry)
    {
        $this->caustic = $chemistry->part('ph')->float('stop_above');
    }

    public function severity(float $ph): Severity
    {
        return match (true) {
            $ph > $this->caustic => Severity::Stop,
            $ph > self::MILD => Severity::Caution,
            default => Severity::Fine,
        };
    }
}
