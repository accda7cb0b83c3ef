<?php

declare(strict_types=1);

namespace App\Garden\Queries;

use App\Garden\Resources\PlantingResource;
use App\Garden\Resources\PlotPlantingResource;
use App\Garden\Resources\PlotResource;
use App\Garden\Resources\PlotZoneResource;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Trouble;
use App\Models\TroubleStatus;
use App\Models\Zone;
use App\Scouting\Queries\DescribeTrouble;
use App\Scouting\Resources\TroubleBriefResource;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** The garden at a glance: zones, what stands in them, who is troubled, what was done last. */
final readonly class ShowPlot
{
    /** What was done longer ago is in the notebook: two seasons. */
    private const SEASONS_DAYS = 800;

    /** Retired plantings that are listed, the last first. */
    private const MOST_RETIRED = 30;

    public function __construct(private DescribeTrouble $describe, private DescribePlant $plants) {}

    public function __invoke(Garden $garden): PlotResource
    {
        $today = $garden->localNow()->toDateString();
        $plantings = $garden->standing()->with('zone')->get();
        $retired = $garden
            ->plantings()
            ->whereNotNull('retired_on')
            ->with('zone')
            ->reorder()
            ->orderByDesc('retired_on')
            ->limit(self::MOST_RETIRED)
            ->get();
        $troubles = $garden
            ->troubles()
            ->where('status', TroubleStatus::Open)
            ->with(['planting.zone', 'counts', 'tacticUses', 'glances'])
            ->get()
            ->groupBy('planting_id');
        $treated = $this->lastTreatments($garden);
        $zones = array_values(
            $garden->zones
                ->map(
                    fn (Zone $zone): PlotZoneResource => new PlotZoneResource(
                        $zone->id,
                        $zone->version,
                        $zone->name,
                        $zone->note,
                        array_values(
                            $plantings
                                ->where('zone_id', $zone->id)
                                ->map(
                                    fn (Planting $planting): PlotPlantingResource => new PlotPlantingResource(
                                        PlantingResource::of($planting),
                                        array_values(
                                            ($troubles->get($planting->id) ?? collect())
                                                ->map(
                                                    fn (Trouble $one): TroubleBriefResource => $this->describe->brief($garden, $one),
                                                )
                                                ->all(),
                                        ),
                                        $treated[$planting->id]['on'] ?? null,
                                        $treated[$planting->id]['what'] ?? null,
                                        $planting->new_until !== null && $planting->new_until->toDateString() >= $today,
                                        $planting->harvest_on === null
                                            ? null
                                            : (int) CarbonImmutable::parse($today)->diffInDays(
                                                CarbonImmutable::parse($planting->harvest_on->toDateString()),
                                                false,
                                            ),
                                        $this->plants->bears($planting),
                                    ),
                                )
                                ->all(),
                        ),
                    ),
                )
                ->all(),
        );

        return new PlotResource(
            $today,
            $zones,
            array_values($retired->map(static fn (Planting $planting): PlantingResource => PlantingResource::of($planting))->all()),
        );
    }

    /** @return array<string, array{on: string, what: string}> by planting, each its last */
    private function lastTreatments(Garden $garden): array
    {
        // With max() SQLite takes the other columns from the row that has it.
        $rows = DB::table('applications as a')
            // In this order: the sprays of two seasons are few, all rounds of ten years are many.
            ->crossJoin('rounds as r')
            ->whereColumn('r.id', 'a.round_id')
            ->crossJoin('course_planting as cp')
            ->whereColumn('cp.course_id', 'r.course_id')
            ->where('a.garden_id', $garden->id)
            ->whereNull('a.deleted_at')
            ->where('a.applied_at', '>', $garden->now()->subDays(self::SEASONS_DAYS))
            ->groupBy('cp.planting_id')
            ->selectRaw("cp.planting_id as planting, max(a.applied_at) as applied_at, json_extract(a.snapshot, '$.recipe_name') as recipe")
            ->get();
        $last = [];
        foreach ($rows as $row) {
            $last[(string) $row->planting] = [
                'on' => CarbonImmutable::parse((string) $row->applied_at, 'UTC')->setTimezone($garden->time_zone)->toDateString(),
                'what' => (string) $row->recipe,
            ];
        }

        return $last;
    }
}
