<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Resources\FillResource;
use App\Bench\Resources\FillWayResource;
use App\Bench\Resources\IntervalResource;
use App\Bench\Resources\NeedResource;
use App\Bench\Resources\StandNeedResource;
use App\Core\Say;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Sprayer;
use Illuminate\Database\Eloquent\Collection;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Measure\Home\TypedVolume;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Measure\Vessel\FillPlan;
use Nebbia\Core\Measure\Vessel\SprayerShare;
use Nebbia\Core\Mixing\Need\Need;
use Nebbia\Core\Mixing\Need\NeedEstimator;
use Nebbia\Core\Mixing\Need\Stand;
use Nebbia\Core\Mixing\Need\StandNeed;
use Nebbia\Core\Mixing\Need\Wetting;

/** How much plantings take, corrected by what the log says they took, and shared out over the sprayers. */
final readonly class EstimateNeed
{
    private const MOST_WAYS = 4;

    /** Rounds looked back on for what was really used. */
    private const MOST_ROUNDS = 400;

    public function __construct(private NeedEstimator $estimator, private Catalogue $catalogue) {}

    /**
     * @param  Collection<int, Planting>  $plantings
     *
     * @throws BadInput
     */
    public function __invoke(Garden $garden, Collection $plantings, Wetting $wetting, bool $wets, ?float $groundM2): NeedResource
    {
        $used = $wetting === Wetting::RunOff ? $this->used($garden, $plantings) : [];
        $stands = array_values(
            $plantings->map(fn (Planting $planting): Stand => $planting->stand($used[$planting->id] ?? []))->all(),
        );
        $need = $this->estimator->need($stands, $wetting, $wets, $groundM2);

        return $this->describe($garden, $need);
    }

    /**
     * mL that each planting is expected to take, corrected by the log.
     *
     * @param  Collection<int, Planting>  $plantings
     * @param  array<string, bool>  $wets  planting => whether something in its mix spreads the drops
     * @return array<string, float> planting => mL to run-off
     */
    public function each(Garden $garden, Collection $plantings, array $wets): array
    {
        $used = $this->used($garden, $plantings);
        $each = [];
        foreach ($plantings as $planting) {
            $each[$planting->id] = $this->estimator->need(
                [$planting->stand($used[$planting->id] ?? [])],
                Wetting::RunOff,
                $wets[$planting->id] ?? false,
            )->total->likely;
        }

        return $each;
    }

    /**
     * What each planting took in rounds before: a round's volume is shared out as these plantings would be expected to take it.
     *
     * @param  Collection<int, Planting>  $plantings
     * @return array<string, list<float>>
     */
    private function used(Garden $garden, Collection $plantings): array
    {
        $asked = $plantings->keyBy('id');
        // Only the use of the whole snapshot, which is large.
        $applications = $garden
            ->applications()
            ->toBase()
            ->whereNotNull('round_id')
            ->limit(self::MOST_ROUNDS)
            ->get(['volume_ml', 'planting_ids', 'snapshot->recipe->use as use']);
        $all = $garden->plantings()->get()->keyBy('id');
        $expected = [];
        $used = [];
        foreach ($applications as $application) {
            $ids = array_filter((array) json_decode((string) $application->planting_ids, true), is_string(...));
            if (
                ($application->use ?? 'foliar') !== 'foliar' ||
                $ids === [] ||
                array_filter($ids, static fn (string $id): bool => ! $all->has($id)) !== []
            ) {
                continue;
            }
            $whole = 0.0;
            foreach ($ids as $id) {
                $planting = $all->get($id);
                $expected[$id] ??=
                    $planting === null ? 0.0 : $this->estimator->need([$planting->stand()], Wetting::RunOff)->total->likely;
                $whole += $expected[$id];
            }
            foreach ($ids as $id) {
                if ($asked->has($id) && $whole > 0.0) {
                    $used[$id][] = ((float) $application->volume_ml * $expected[$id]) / $whole;
                }
            }
        }

        return $used;
    }

    private function describe(Garden $garden, Need $need): NeedResource
    {
        $units = $garden->units;
        $extra = $need->total->likely * (1 + $this->estimator->extra());

        return new NeedResource(
            IntervalResource::of($need->total),
            PreciseWords::volume($need->total->likely, $units),
            self::range($need->total, $units),
            PreciseWords::volume($extra, $units),
            array_map(
                fn (StandNeed $stand): StandNeedResource => new StandNeedResource(
                    $stand->name,
                    $stand->each === null ? null : PreciseWords::volume($stand->each->likely, $units),
                    PreciseWords::volume($stand->total->likely, $units),
                    self::range($stand->total, $units),
                    $this->catalogue->sentence($stand->because),
                    $stand->basis,
                    $stand->sure,
                ),
                $need->stands,
            ),
            $this->ways($garden, $extra),
        );
    }

    /** @return list<FillWayResource> */
    private function ways(Garden $garden, float $ml): array
    {
        $sprayers = array_values($garden->sprayers->all());
        $vessels = array_map(static fn (Sprayer $sprayer) => $sprayer->vessel(), $sprayers);
        $byName = $garden->sprayers->keyBy('name');
        // One that is kept for something else comes last: it may still hold a trace of that.
        $isKept = static fn (array $way): bool => array_filter(
            $way,
            static fn (FillPlan $plan): bool => $byName->get($plan->vessel->name)?->dedicated_to !== null,
        ) !== [];
        $all = SprayerShare::ways($vessels, $ml);
        usort($all, static fn (array $a, array $b): int => $isKept($a) <=> $isKept($b));
        $ways = array_slice($all, 0, self::MOST_WAYS);

        return array_map(function (array $way) use ($byName, $garden): FillWayResource {
            $made = array_sum(array_map(static fn (FillPlan $plan): float => $plan->madeMl, $way));

            return new FillWayResource(
                array_map(fn (FillPlan $plan): FillResource => $this->fill($plan, $byName->get($plan->vessel->name), $garden->units), $way),
                array_sum(array_map(static fn (FillPlan $plan): int => $plan->fills, $way)),
                PreciseWords::volume($made, $garden->units),
                TypedVolume::of(round($made), $garden->units),
                $this->takes($way, $byName),
            );
        }, $ways);
    }

    private function fill(FillPlan $plan, ?Sprayer $sprayer, UnitSystem $units): FillResource
    {
        return new FillResource(
            $sprayer->id ?? '',
            $plan->vessel->name,
            $plan->fills,
            PreciseWords::volume($plan->eachMl, $units),
            $plan->madeMl,
            $sprayer?->dedicated_to,
        );
    }

    /**
     * How long, or how many squeezes, where that was measured.
     *
     * @param  list<FillPlan>  $way
     * @param  Collection<array-key, Sprayer>  $sprayers
     */
    private function takes(array $way, Collection $sprayers): ?string
    {
        $plan = $way[0];
        $sprayer = $sprayers->get($plan->vessel->name);
        if (count($way) > 1 || $sprayer === null) {
            return null;
        }

        return match (true) {
            $sprayer->ml_per_minute !== null => Say::it('need.minutes', [
                'minutes' => max(1, (int) round($plan->sprayedMl / $sprayer->ml_per_minute)),
            ]),
            $sprayer->ml_per_squeeze !== null => 'about '.round($plan->sprayedMl / $sprayer->ml_per_squeeze).' squeezes',
            default => null,
        };
    }

    private static function range(Interval $ml, UnitSystem $units): string
    {
        return PreciseWords::volume($ml->low, $units).' to '.PreciseWords::volume($ml->high, $units);
    }
}
