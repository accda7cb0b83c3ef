<?php

declare(strict_types=1);

namespace App\Rounds\Writes;

use App\Models\Batch;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Round;
use App\Models\RoundStatus;
use App\Pantry\Household;
use App\Rounds\SprayReport;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\Vessel\FillPlan;
use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Mixing\Keeping\KeepingTimes;
use Nebbia\Core\Mixing\Mixer;

/** Writes down a batch and the rounds that came out of it. Where plants were left out, their round stays planned for them. */
final readonly class LogBatch
{
    public function __construct(
        private LogRound $log,
        private Household $household,
        private KeepingTimes $keepingTimes,
        private Mixer $mixer,
        private GoOn $goOn,
    ) {}

    /**
     * @param  Collection<int, Round>  $rounds  of one recipe and one sprayer; course with recipes, sprayer and plantings must be loaded
     * @param  list<string>|null  $plantingIds  that were sprayed; all that were still open where it is null
     * @param  float|null  $volumeMl  that went on them; their share of what was planned where it is null
     */
    public function __invoke(
        Garden $garden,
        Collection $rounds,
        ?array $plantingIds,
        CarbonImmutable $at,
        ?float $volumeMl = null,
        float $leftMl = 0.0,
        ?bool $rinsed = null,
        ?string $by = null,
        ?string $note = null,
        ?string $on = null,
    ): Batch {
        $parts = $this->parts($rounds, $plantingIds);
        $first = $rounds->firstOrFail();
        $recipe = $first->remedy();
        $sprayer = $first->course->sprayer;
        $whole = array_sum(array_column($parts, 2));
        $volumeMl ??= $whole;
        $made = $volumeMl + $leftMl;
        $mixedAt = $this->mixedAt($garden, $rounds, $at);
        $batch = $garden->batches()->create([
            'recipe_id' => $recipe->id,
            'sprayer_id' => $sprayer?->id,
            'name' => $recipe->name,
            'volume_ml' => $made,
            'fills' => $sprayer === null ? 1 : self::fills($sprayer->vessel(), $made),
            'made_at' => $mixedAt->utc(),
            'use_by' => $this->useBy($garden, $recipe->body, $made, $mixedAt),
            'left_ml' => $leftMl,
        ]);
        foreach ($parts as [$round, $plantings, $weight]) {
            $share = $whole > 0.0 ? $weight / $whole : 1.0 / count($parts);
            ($this->log)(
                $garden,
                $round,
                new SprayReport($at, $volumeMl * $share, $plantings, $by, $note, $rinsed, $batch, $made * $share, $on),
            );
            $done = [...$round->done_planting_ids, ...$plantings->pluck('id')->all()];
            $isDone = $round->course->plantings->pluck('id')->diff($done)->isEmpty();
            $round->update([
                'done_planting_ids' => $isDone ? [] : array_values(array_unique(array_filter($done, is_string(...)))),
                'status' => $isDone ? RoundStatus::Done : RoundStatus::Planned,
            ]);
            ($this->goOn)($garden, $round->course, $at);
        }

        return $batch;
    }

    private static function fills(Vessel $vessel, float $madeMl): int
    {
        return FillPlan::of($vessel, max(1.0, $madeMl - $vessel->dead->likely))->fills;
    }

    /**
     * @param  Collection<int, Round>  $rounds
     * @param  list<string>|null  $plantingIds
     * @return list<array{Round, Collection<int, Planting>, float}> rounds of which something was sprayed, on what, and the mL that were
     *     meant for it
     */
    private function parts(Collection $rounds, ?array $plantingIds): array
    {
        $parts = [];
        foreach ($rounds as $round) {
            $open = $round->open();
            $some =
                $plantingIds === null
                    ? $open
                    : $open->filter(static fn (Planting $one): bool => in_array($one->id, $plantingIds, true))->values();
            if ($some->isNotEmpty() || $open->isEmpty()) {
                $count = static fn (Planting $one): int => $one->number;
                $number = $open->sum($count);
                $parts[] = [$round, $some->toBase(), $round->volumeMl() * ($number > 0 ? $some->sum($count) / $number : 1.0)];
            }
        }

        return $parts;
    }

    /**
     * When it was ticked off as mixed that day; else when it was sprayed.
     *
     * @param  Collection<int, Round>  $rounds
     */
    private function mixedAt(Garden $garden, Collection $rounds, CarbonImmutable $at): CarbonImmutable
    {
        $ticked = $garden
            ->ticks()
            ->where('day', $at->setTimezone($garden->time_zone)->toDateString())
            ->whereIn('step', $rounds->map(static fn (Round $round): string => "mix:$round->id")->all())
            ->max('created_at');

        return is_string($ticked) && CarbonImmutable::parse($ticked, 'UTC') <= $at ? CarbonImmutable::parse($ticked, 'UTC') : $at;
    }

    /** @param  array<string, mixed>  $body */
    private function useBy(Garden $garden, array $body, float $madeMl, CarbonImmutable $made): ?CarbonImmutable
    {
        try {
            $mix = $this->mixer
                ->with($this->household->own($garden))
                ->mix($this->household->reader($garden)->read($body), $madeMl, $garden->units);
        } catch (BadInput) {
            return null;
        }
        $keeps = $this->keepingTimes->of($mix);

        return $keeps === null ? null : $made->addMinutes((int) round($keeps->hours->likely * 60.0))->utc();
    }
}
