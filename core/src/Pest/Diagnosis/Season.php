<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Diagnosis;

enum Season: string
{
    case Spring = 'spring';
    case Summer = 'summer';
    case Autumn = 'autumn';
    case Winter = 'winter';

    /** The season of a month (1 to 12): March begins spring in the north, autumn south of the equator. */
    public static function of(int $month, bool $southern = false): self
    {
        $quarter = intdiv(($month + 9 + ($southern ? 6 : 0)) % 12, 3);

        return self::cases()[$quarter];
    }
}
