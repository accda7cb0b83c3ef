<?php

declare(strict_types=1);

namespace App\Scouting\Queries;

use App\Models\Garden;
use App\Models\Planting;
use App\Models\Trouble;
use App\Models\TroubleStatus;
use App\Scouting\Resources\NeighbourResource;
use Nebbia\Core\Pest\Decision\NeighbourPlanting;
use Nebbia\Core\Pest\Decision\SharedRisk;
use Nebbia\Core\Target\Target;

/** Who else is at risk from a trouble: what is treated the same day, and what is looked at. */
final readonly class WhoElse
{
    /** @return list<NeighbourResource> */
    public function __invoke(Garden $garden, Trouble $trouble, Target $target): array
    {
        $others = $garden->standing()->whereKeyNot($trouble->planting_id)->with('zone')->get()->keyBy('id');
        $troubled = $garden->troubles()->where('status', TroubleStatus::Open)->where('target', $target->id)->pluck('planting_id')->all();
        $risk = SharedRisk::of(
            $target,
            $trouble->planting->met(),
            $trouble->planting->zone_id,
            $trouble->planting->indoors,
            array_values(
                $others
                    ->map(
                        fn (Planting $other): NeighbourPlanting => new NeighbourPlanting(
                            $other->id,
                            $other->met(),
                            $other->zone_id,
                            $other->indoors,
                            in_array($other->id, $troubled, true),
                        ),
                    )
                    ->all(),
            ),
        );
        $neighbours = [];
        foreach ([[true, $risk->sameDay], [false, $risk->lookAt]] as [$sameDay, $ids]) {
            foreach ($ids as $id) {
                $other = $others->get($id);
                if ($other !== null) {
                    $neighbours[] = new NeighbourResource($id, $other->name, $other->zone->name, $sameDay, in_array($id, $troubled, true));
                }
            }
        }

        return $neighbours;
    }
}
