<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Tool;

/** How a tool measures. */
enum ToolKind: string
{
    /** One fixed volume, filled level: spoons and cups. */
    case Spoon = 'spoon';
    /** Marks up the side: a syringe, a jug. */
    case Graduated = 'graduated';
    /** Counts drops. */
    case Dropper = 'dropper';
    /** Weighs, to its resolution. */
    case Scale = 'scale';

    /** @return list<string> */
    public static function ids(): array
    {
        return array_column(self::cases(), 'value');
    }
}
