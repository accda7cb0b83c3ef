<?php

declare(strict_types=1);

namespace App\Notebook\Writes;

use App\Models\Garden;
use App\Models\Glance;
use App\Scouting\Queries\AssessTrouble;
use Nebbia\Core\Pest\Count\Sample;
use Nebbia\Core\Pest\Decision\EnemiesSeen;

/** Writes down how it is, in a word; a number with it is a count of the trouble, where that can be counted. */
final readonly class KeepGlance
{
    public function __construct(private AssessTrouble $assess) {}

    /** @param  array<string, mixed>  $attributes */
    public function __invoke(Garden $garden, array $attributes, ?float $count): Glance
    {
        $glance = $garden->glances()->create($attributes);
        $trouble = $glance->trouble_id === null ? null : $garden->troubles()->find($glance->trouble_id);
        $measure = $trouble === null ? null : $this->assess->target($trouble)?->watchUntil?->measure;
        if ($count !== null && $trouble !== null && $measure !== null) {
            Sample::of($measure, [$count], 1);
            $trouble->counts()->create([
                'garden_id' => $garden->id,
                'counted_at' => $glance->seen_at,
                'measure' => $measure,
                'counts' => [$count],
                'leaves_per_plant' => 1,
                'enemies' => EnemiesSeen::None->value,
            ]);
        }

        return $glance;
    }
}
