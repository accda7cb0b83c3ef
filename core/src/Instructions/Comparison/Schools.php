<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Comparison;

use Nebbia\Core\Pest\Remedies;
use Nebbia\Core\Pest\Remedy;

/** What mild, middle and strong practice use of a substance, from the families of remedies. */
final readonly class Schools
{
    /** Nearer to a school than this, as a factor, is within it. */
    private const WITHIN = 1.25;

    private function __construct(public string $unit, public float $mild, public float $middle, public float $strong) {}

    public static function of(string $substance, string $use, Remedies $remedies): ?self
    {
        foreach ($remedies->all as $remedy) {
            if (in_array($substance, $remedy->substances, true) && $remedy->use->value === $use && $remedy->schools !== null) {
                return self::fromRemedy($remedy);
            }
        }

        return null;
    }

    /** @param  float  $strength  in the schools' unit */
    public function standing(float $strength): SchoolStanding
    {
        if ($strength < $this->mild / self::WITHIN) {
            return SchoolStanding::BelowMild;
        }
        if ($strength > $this->strong * self::WITHIN) {
            return SchoolStanding::BeyondStrong;
        }
        $distance = static fn (float $school): float => abs(log($strength / $school));

        return match (min($distance($this->mild), $distance($this->middle), $distance($this->strong))) {
            $distance($this->mild) => SchoolStanding::Mild,
            $distance($this->middle) => SchoolStanding::Middle,
            default => SchoolStanding::Strong,
        };
    }

    private static function fromRemedy(Remedy $remedy): ?self
    {
        return $remedy->schools === null
            ? null
            : new self($remedy->schools['unit'], $remedy->schools['mild'], $remedy->schools['middle'], $remedy->schools['strong']);
    }
}
