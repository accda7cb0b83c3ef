<?php

declare(strict_types=1);

namespace App\Scouting\Queries;

use App\Models\Application;
use App\Models\Garden;
use App\Scouting\Resources\DueInspectionResource;
use Carbon\CarbonImmutable;
use Nebbia\Core\Planning\Hour\LookAfter;

/** What was sprayed and has not been looked at since, once it has had time to work. */
final readonly class ListInspections
{
    /** Days after which nobody asks any more. */
    private const ASKED = 4;

    public function __construct(private LookAfter $after) {}

    /**
     * @param  iterable<Application>  $last  sprayed last
     * @return list<DueInspectionResource>
     */
    public function __invoke(Garden $garden, iterable $last): array
    {
        $now = $garden->now();
        $due = [];
        foreach ($last as $entry) {
            $hours = $this->after->hours(array_keys($entry->doses));
            $at = $entry->applied_at->addHours((int) $hours);
            if ($at <= $now && $at > $now->subDays(self::ASKED)) {
                $due[] = [$entry, (int) $hours];
            }
        }
        $seen =
            $due === [] ? [] : $this->seen($garden, min(array_map(static fn (array $one): CarbonImmutable => $one[0]->applied_at, $due)));
        $list = [];
        foreach ($due as [$entry, $hours]) {
            foreach ([...$entry->planting_ids, $entry->id] as $one) {
                if (($seen[$one] ?? '') > $entry->applied_at->toDateTimeString()) {
                    continue 2;
                }
            }
            $names = $entry->snapshot['planting_names'] ?? [];
            $recipe = is_array($entry->snapshot['recipe'] ?? null) ? $entry->snapshot['recipe'] : [];
            $list[] = new DueInspectionResource(
                $entry->id,
                $entry->planting_ids[0] ?? null,
                is_array($names) ? implode(', ', array_filter($names, is_string(...))) : '',
                is_string($entry->snapshot['recipe_name'] ?? null) ? $entry->snapshot['recipe_name'] : '',
                $entry->applied_at->toIso8601ZuluString(),
                $hours,
                $entry->planting_ids,
                is_string($entry->snapshot['target'] ?? null) ? $entry->snapshot['target'] : null,
                is_string($recipe['use'] ?? null) ? $recipe['use'] : null,
                implode(', ', array_map(
                    static fn (string $name): string => (string) preg_replace('/^\d+ × /u', '', $name),
                    is_array($names) ? array_values(array_filter($names, is_string(...))) : [],
                )),
            );
        }

        return $list;
    }

    /** @return array<string, string> planting, or spray on something else => when it was looked at or counted last, UTC */
    private function seen(Garden $garden, CarbonImmutable $since): array
    {
        $looks = $garden
            ->looks()
            ->toBase()
            ->where('created_at', '>', $since)
            ->reorder()
            ->groupBy('planting_id')
            ->selectRaw('planting_id, max(created_at) as at')
            ->pluck('at', 'planting_id')
            ->all();
        $counts = $garden
            ->counts()
            ->toBase()
            ->join('troubles', 'troubles.id', '=', 'counts.trouble_id')
            ->where('counts.created_at', '>', $since)
            ->reorder()
            ->groupBy('troubles.planting_id')
            ->selectRaw('troubles.planting_id, max(counts.created_at) as at')
            ->pluck('at', 'planting_id')
            ->all();
        $glances = ['planting_id' => [], 'application_id' => []];
        $rows = $garden
            ->glances()
            ->toBase()
            ->where('created_at', '>', $since)
            ->reorder('created_at')
            ->get(['planting_id', 'application_id', 'created_at']);
        foreach ($rows as $row) {
            foreach (array_keys($glances) as $of) {
                if (is_string($row->{$of})) {
                    $glances[$of][$row->{$of}] = $row->created_at;
                }
            }
        }
        $seen = [];
        foreach ([$looks, $counts, ...array_values($glances)] as $some) {
            foreach ($some as $planting => $at) {
                if (is_string($at)) {
                    $seen[(string) $planting] = max($seen[(string) $planting] ?? '', $at);
                }
            }
        }

        return $seen;
    }
}
