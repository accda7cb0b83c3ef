<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Plant\Threshold;

/** How a strength stands to what a plant bears. */
enum StrengthVerdict: string
{
    case Fine = 'fine';
    /** Only the upper end is in the range to be careful. */
    case PerhapsCareful = 'perhaps-careful';
    /** Only the upper end is past the stop: measure it properly. */
    case PerhapsStop = 'perhaps-stop';
    case Careful = 'careful';
    case Stop = 'stop';

    public static function of(Interval $strength, float $careful, float $stop): self
    {
        return match (true) {
            Threshold::reaches($strength->likely, $stop) => self::Stop,
            Threshold::reaches($strength->likely, $careful) => self::Careful,
            Threshold::reaches($strength->high, $stop) => self::PerhapsStop,
            Threshold::reaches($strength->high, $careful) => self::PerhapsCareful,
            default => self::Fine,
        };
    }

    public function severity(): Severity
    {
        return match ($this) {
            self::Fine => Severity::Fine,
            self::PerhapsCareful => Severity::Notice,
            self::PerhapsStop, self::Careful => Severity::Caution,
            self::Stop => Severity::Stop,
        };
    }
}
