<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

/** Whose spoons and cups are meant. */
enum UnitSystem: string
{
    case Us = 'us';
    case Metric = 'metric';
    case Imperial = 'imperial';
    case Au = 'au';

    /** @return list<string> */
    public static function ids(): array
    {
        return array_column(self::cases(), 'value');
    }
}
