<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Need;

/** How a spray is put on, as far as its volume goes. */
enum Wetting: string
{
    /** Until it begins to drip, both faces of the leaf. */
    case RunOff = 'run-off';
    case Mist = 'mist';
    /** Poured on the soil of a pot. */
    case Drench = 'drench';
    /** Paths and open ground, by the square metre. */
    case Ground = 'ground';

    /** @return list<string> */
    public static function ids(): array
    {
        return array_column(self::cases(), 'value');
    }
}
