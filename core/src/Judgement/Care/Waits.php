<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Care;

use Nebbia\Core\Data\Table;
use Nebbia\Core\Mixing\Mix;

/** How long to wait with the harvest of what was sprayed. */
final readonly class Waits
{
    public function __construct(private Table $food) {}

    /** Days, of several substances the longest; 0 where none is known. */
    public function days(Mix $mix): float
    {
        $days = 0.0;
        foreach ($this->food->rows('waits') as $row) {
            foreach ($row->strings('substances') as $id) {
                if (($mix->strengthOf($id)->percentWv->likely ?? 0.0) > 0.0) {
                    $days = max($days, $row->float('days'));
                }
            }
        }

        return $days;
    }
}
