<?php

declare(strict_types=1);

namespace App\Pantry\Queries;

use App\Core\Say;
use App\Models\Garden;
use App\Models\MeasuringTool;
use App\Models\OwnMeasure;
use App\Models\Product;
use App\Models\Sprayer;
use App\Pantry\Resources\CalibrationChoiceResource;
use App\Pantry\Resources\HeldResource;
use App\Pantry\Resources\OwnMeasureResource;
use App\Pantry\Resources\PantryResource;
use App\Pantry\Resources\PantrySprayerResource;
use App\Pantry\Resources\ProductResource;
use App\Pantry\Resources\SprayerResource;
use App\Pantry\Resources\ToolResource;
use App\Pantry\Resources\TypedSprayerResource;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Measure\Home\TypedVolume;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\Units;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Nebbia\Nebbia;

/** The cupboard and the shed: bottles, sprayers with what they last held, measuring tools, measures of one's own. */
final readonly class ShowPantry
{
    /** What a sprayer held longer ago is of no matter: two seasons. */
    private const SEASONS_DAYS = 800;

    public function __construct(private Nebbia $nebbia, private Units $units, private Catalogue $catalogue) {}

    public function __invoke(Garden $garden): PantryResource
    {
        $today = $garden->localNow()->startOfDay();
        $held = $this->held($garden);

        return new PantryResource(
            array_values(
                $garden->products
                    ->map(static fn (Product $product): ProductResource => ProductResource::of($product, $garden->units, $today))
                    ->all(),
            ),
            array_values(
                $garden->sprayers
                    ->map(
                        fn (Sprayer $sprayer): PantrySprayerResource => $this->sprayer(
                            $sprayer,
                            $garden->units,
                            $held[$sprayer->id] ?? null,
                        ),
                    )
                    ->all(),
            ),
            array_values($garden->tools->map(static fn (MeasuringTool $tool): ToolResource => ToolResource::of($tool))->all()),
            array_values(
                $garden->ownMeasures->map(static fn (OwnMeasure $measure): OwnMeasureResource => OwnMeasureResource::of($measure))->all(),
            ),
            array_values(array_map($this->calibration(...), $this->nebbia->table('calibrated')->rows())),
            $garden->currency,
        );
    }

    private function sprayer(Sprayer $sprayer, UnitSystem $units, ?HeldResource $held): PantrySprayerResource
    {
        $words = static fn (?float $ml): ?string => $ml === null ? null : PreciseWords::volume($ml, $units);

        return new PantrySprayerResource(
            SprayerResource::of($sprayer),
            $words($sprayer->vessel()->usableMl()).' of '.$words($sprayer->capacity_ml),
            $words($sprayer->ml_per_squeeze),
            $words($sprayer->ml_per_minute),
            $sprayer->finest_passage_mm === null
                ? null
                : $this->catalogue->hear(KitchenFraction::figures($sprayer->finest_passage_mm).' mm'),
            new TypedSprayerResource(
                TypedVolume::of($sprayer->capacity_ml, $units),
                $sprayer->finest_passage_mm === null ? '' : TypedVolume::passage($sprayer->finest_passage_mm, $units),
                $sprayer->ml_per_squeeze === null ? '' : TypedVolume::of($sprayer->ml_per_squeeze * 10.0, $units),
                $sprayer->ml_per_minute === null ? '' : TypedVolume::of($sprayer->ml_per_minute, $units),
            ),
            $held,
        );
    }

    private function calibration(Row $row): CalibrationChoiceResource
    {
        $unit = $this->units->get($row->string('unit'));
        $n = KitchenFraction::figures(...);
        $usual =
            $unit->likely === null || $unit->low === null || $unit->high === null
                ? Say::it('pantry.by-ingredient')
                : $this->catalogue->hear(
                    $n($unit->likely->toFloat()).' mL, '.$n($unit->low->toFloat()).' to '.$n($unit->high->toFloat()).' mL',
                );

        return new CalibrationChoiceResource($unit->id, $unit->label, (int) $row->float('take'), $usual);
    }

    /** @return array<string, HeldResource> by sprayer: the last round that was done with it */
    private function held(Garden $garden): array
    {
        $rows = DB::table('applications')
            ->crossJoin('rounds')
            ->whereColumn('rounds.id', 'applications.round_id')
            ->crossJoin('courses')
            ->whereColumn('courses.id', 'rounds.course_id')
            ->where('applications.garden_id', $garden->id)
            ->whereNull('applications.deleted_at')
            ->where('applications.applied_at', '>', $garden->now()->subDays(self::SEASONS_DAYS))
            ->whereNotNull('courses.sprayer_id')
            ->groupBy('courses.sprayer_id')
            // SQLite takes the other columns from the row that has the maximum.
            ->selectRaw("courses.sprayer_id, json_extract(applications.snapshot, '$.recipe_name') as recipe")
            ->selectRaw('max(applications.applied_at) as applied_at')
            ->get();
        $held = [];
        foreach ($rows as $row) {
            if (is_string($row->sprayer_id) && is_string($row->applied_at) && is_string($row->recipe)) {
                $held[$row->sprayer_id] = new HeldResource(
                    $row->recipe,
                    CarbonImmutable::parse($row->applied_at, 'UTC')->toIso8601String(),
                );
            }
        }

        return $held;
    }
}
