<?php

declare(strict_types=1);

namespace App\Find\Queries;

use App\Core\Say;
use App\Find\Resources\FoundResource;
use App\Models\Garden;
use App\Models\TroubleStatus;
use Nebbia\Core\Target\Targets;

/** A sentence that says what is wrong leads to looking at it: a pest or disease by its name, or a sign of one. */
final readonly class FindTrouble
{
    public function __construct(private Targets $targets, private FindPlantings $plantings) {}

    /** Null where nothing is said to be wrong; what is open already leads to its own page. */
    public function __invoke(Garden $garden, string $typed): ?FoundResource
    {
        $phrases = Phrases::of($typed);
        $targets = array_values(array_unique(array_filter(array_map($this->targets->idOf(...), $phrases))));
        if ($targets === [] && array_intersect($phrases, explode(' ', Say::it('find.signs'))) === []) {
            return null;
        }
        $plantings = $this->plantings->within($garden, $typed);
        $open = $garden->troubles()->toBase()->reorder()
            ->where('troubles.status', TroubleStatus::Open->value)->whereIn('troubles.target', $targets);
        $trouble = ($plantings === [] ? $open : $open->whereIn('troubles.planting_id', array_keys($plantings)))
            ->join('plantings', 'plantings.id', '=', 'troubles.planting_id')->first(['troubles.id', 'troubles.target', 'plantings.name']);
        if ($trouble !== null) {
            $name = $this->targets->named((string) $trouble->target)->name;
            $title = Say::it('find.trouble', ['name' => $name, 'planting' => (string) $trouble->name]);

            return Find::found('trouble', $title, null, 'trouble', ['trouble' => (string) $trouble->id]);
        }
        $id = array_key_first($plantings);
        $on = match (true) {
            $id !== null => $plantings[$id],
            $targets !== [] => $this->targets->named($targets[0])->name,
            default => trim($typed),
        };

        return FindErrand::action(Say::it('find.scout', ['on' => $on]), 'scout', $id === null ? [] : ['planting' => (string) $id]);
    }
}
