<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Compatibility;

use Nebbia\Core\Data\Table;
use Nebbia\Core\Mixing\Mix;

/** Days to keep between two sprays on the same plants. */
final readonly class Spacing
{
    public function __construct(private Table $spacing) {}

    /** Days, 0 where nothing is known against it; whichever comes first. */
    public function between(Mix $one, Mix $other): float
    {
        $days = 0.0;
        foreach ($this->spacing->rows('pairs') as $row) {
            if (
                (self::has($one, $row->strings('a')) && self::has($other, $row->strings('b'))) ||
                (self::has($other, $row->strings('a')) && self::has($one, $row->strings('b')))
            ) {
                $days = max($days, $row->float('days'));
            }
        }

        return $days;
    }

    /** @param  list<string>  $substances */
    private static function has(Mix $mix, array $substances): bool
    {
        foreach ($substances as $substance) {
            if (($mix->strengthOf($substance)->percentWv->likely ?? 0.0) > 0.0) {
                return true;
            }
        }

        return false;
    }
}
