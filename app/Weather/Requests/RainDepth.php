<?php

declare(strict_types=1);

namespace App\Weather\Requests;

use Nebbia\Core\Measure\Home\HomeUnits;
use Nebbia\Core\Measure\TypedNumber;

/** How much it rained, as it was read off a gauge: 4.5, 4,5 mm, 0.2 in. */
final class RainDepth
{
    /** @return mixed mm, or what was sent where that cannot be read */
    public static function millimetres(mixed $sent): mixed
    {
        if (! is_string($sent) || preg_match('/^(.*?)\s*(mm|in|inch|inches|")?$/isuD', trim($sent), $found) !== 1) {
            return $sent;
        }
        $number = TypedNumber::read($found[1]);
        if ($number === null) {
            return $sent;
        }

        return in_array(strtolower($found[2] ?? 'mm'), ['', 'mm'], true) ? $number : $number * HomeUnits::MM_PER_INCH;
    }
}
