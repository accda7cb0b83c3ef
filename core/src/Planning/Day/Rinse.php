<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Day;

use Nebbia\Core\Data\Table;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Plant\Plant;
use Nebbia\Core\Plant\SensitivityGroup;
use Nebbia\Core\Plant\Thresholds;

/** Delicate plants are rinsed once a contact spray has done its work: what stays on the leaf then only harms them. Rough practice. */
final readonly class Rinse
{
    public function __construct(private Table $windows, private Thresholds $thresholds) {}

    /** Minutes after spraying; null where the plant is not delicate to it, or the spray works longer. */
    public function after(Mix $mix, Plant $plant): ?float
    {
        if (! $mix->recipe->use->wetsLeaves()) {
            return null;
        }
        $minutes = [];
        foreach ($this->windows->rows('rows') as $row) {
            foreach ($row->has('rinse') ? $row->strings('substances') : [] as $substance) {
                $list = $this->thresholds->of($substance)?->listedAs;
                if (
                    ($mix->strengthOf($substance)->percentWv->likely ?? 0.0) > 0.0 &&
                    $plant->groupFor($list) === SensitivityGroup::Sensitive
                ) {
                    $minutes[] = $row->float('rinse');
                }
            }
        }

        return $minutes === [] ? null : min($minutes);
    }
}
