<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Keeping;

use Nebbia\Core\Data\Table;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Substance\OwnIngredients;

/** How long finished mixes keep: the shortest of what is in them. */
final readonly class KeepingTimes
{
    /** @var array<string, KeepingTime> by substance */
    private array $bySubstance;

    public function __construct(Table $storage)
    {
        $bySubstance = [];
        foreach ($storage->rows() as $row) {
            foreach ($row->strings('substances') as $substance) {
                $bySubstance[$substance] = KeepingTime::fromRow($row);
            }
        }
        $this->bySubstance = $bySubstance;
    }

    /** Null where nothing is known of what is in it: then it is mixed for use. */
    public function of(Mix $mix): ?KeepingTime
    {
        // What nothing is known of may spoil at any time.
        if ($mix->strengthOf(OwnIngredients::SUBSTANCE) !== null) {
            return null;
        }
        $shortest = null;
        foreach ($this->bySubstance as $substance => $time) {
            if ($mix->strengthOf($substance) !== null && ($shortest === null || $time->hours->likely < $shortest->hours->likely)) {
                $shortest = $time;
            }
        }

        return $shortest;
    }
}
