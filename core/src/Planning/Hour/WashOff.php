<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Hour;

use Nebbia\Core\Judgement\Hour\SprayWindow;
use Nebbia\Core\Weather\Forecast;

/**
 * What rain took of a spray: before it was dry all of it, and later what stays on the leaf and can be washed away. A rough practice rule.
 */
final readonly class WashOff
{
    private function __construct(
        /** none, partly or all */
        public string $lost,
        /** mm that fell since */
        public float $rain,
        /** Hours after the spray until the first rain; null where none fell. */
        public ?float $after,
        public ?SprayWindow $window,
    ) {}

    /**
     * @param  list<SprayWindow>  $windows  that the mix goes by
     * @param  int  $sprayed  seconds since 1970
     * @param  int  $until  to be looked at so far
     */
    public static function of(array $windows, Forecast $happened, int $sprayed, int $until, bool $indoors = false): self
    {
        $found = new self('none', 0.0, null, null);
        if ($indoors || $windows === [] || $until <= $sprayed) {
            return $found;
        }
        // The hour of the spray itself is over before it is known to be wet.
        $from = $sprayed - ($sprayed % Forecast::HOUR) + Forecast::HOUR;
        $rain = $happened->rainBetween($from, $until);
        $after = self::first($happened, $from, $until);
        foreach ($windows as $window) {
            $lost = self::lost($window, $rain, $after === null ? null : ($after - $sprayed) / 3600.0);
            if (self::rank($lost) > self::rank($found->lost)) {
                $found = new self($lost, $rain, $after === null ? null : ($after - $sprayed) / 3600.0, $window);
            }
        }

        return $found->lost === 'none' ? new self('none', $rain, $after === null ? null : ($after - $sprayed) / 3600.0, null) : $found;
    }

    private static function lost(SprayWindow $window, float $rain, ?float $after): string
    {
        if ($after === null || $rain <= 0.0) {
            return 'none';
        }
        $isEarly = $window->dryHours !== null && $after < $window->dryHours;
        if ($window->washOff === null) {
            // Nothing is left to wash off once it has dried.
            return $isEarly ? 'all' : 'none';
        }

        return match (true) {
            $rain >= $window->washOff[1] => 'all',
            $isEarly || $rain >= $window->washOff[0] => 'partly',
            default => 'none',
        };
    }

    private static function first(Forecast $happened, int $from, int $until): ?int
    {
        for ($at = $from; $at < $until; $at += Forecast::HOUR) {
            if (($happened->at($at)->rain ?? 0.0) >= Forecast::DRY) {
                return $at;
            }
        }

        return null;
    }

    private static function rank(string $lost): int
    {
        return ['none' => 0, 'partly' => 1, 'all' => 2][$lost] ?? 0;
    }
}
