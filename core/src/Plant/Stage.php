<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

/** How far a plant has grown. */
enum Stage: string
{
    case Seedling = 'seedling';
    case Cutting = 'cutting';
    case Young = 'young';
    case Growing = 'growing';
    case Flowering = 'flowering';
    case Fruiting = 'fruiting';
    case Dormant = 'dormant';

    /** @return list<string> */
    public static function ids(): array
    {
        return array_column(self::cases(), 'value');
    }
}
