<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Hour;

use Nebbia\Core\Data\Table;

/** When to look at what a spray did: soon for what acts at once, later for what works slowly. A rough practice figure. */
final readonly class LookAfter
{
    private const USUAL = 48.0;

    public function __construct(private Table $windows) {}

    /**
     * @param  list<string>  $substances  that were sprayed
     * @return float hours; of several substances the soonest
     */
    public function hours(array $substances): float
    {
        $hours = [];
        foreach ($this->windows->rows('rows') as $row) {
            if (array_intersect($row->strings('substances'), $substances) !== []) {
                $hours[] = $row->float('look');
            }
        }

        return $hours === [] ? self::USUAL : min($hours);
    }
}
