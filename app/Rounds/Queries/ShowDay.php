<?php

declare(strict_types=1);

namespace App\Rounds\Queries;

use App\Bench\Queries\EstimateNeed;
use App\Bench\Queries\WorkOutBench;
use App\Bench\Resources\LayerResource;
use App\Core\Say;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Round;
use App\Models\TroubleStatus;
use App\Pantry\Household;
use App\Rounds\Resources\DayBatchResource;
use App\Rounds\Resources\DayStepResource;
use App\Rounds\Resources\DueRoundResource;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Judgement\Care\CareNote;
use Nebbia\Core\Judgement\Care\CareNotes;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Mixing\Keeping\KeepingTimes;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Need\NeedEstimator;
use Nebbia\Core\Planning\Day\Batch;
use Nebbia\Core\Planning\Day\Day;
use Nebbia\Core\Planning\Day\DayTask;
use Nebbia\Core\Planning\Day\DueSpray;
use Nebbia\Core\Planning\Day\DueStand;
use Nebbia\Core\Planning\Day\Rinse;

/** The rounds of today put together: what is mixed, where it goes in which order, and what is done afterwards. */
final readonly class ShowDay
{
    public function __construct(
        private KeepingTimes $keepingTimes,
        private Rinse $rinse,
        private Mixer $mixer,
        private Household $household,
        private WorkOutBench $bench,
        private EstimateNeed $need,
        private NeedEstimator $estimator,
        private CareNotes $care,
        private Catalogue $catalogue,
    ) {}

    /**
     * @param  list<array{Round, DueRoundResource, array<string, mixed>}>  $due  rounds with their course loaded, as they are shown, and the
     *     recipe with its jars
     * @return list<DayBatchResource>
     */
    public function __invoke(Garden $garden, array $due): array
    {
        if ($due === []) {
            return [];
        }
        $mixer = $this->mixer->with($this->household->own($garden));
        $troubled = $garden
            ->troubles()
            ->toBase()
            ->where('status', TroubleStatus::Open)
            ->reorder()
            ->get(['planting_id', 'target'])
            ->groupBy('planting_id')
            ->map(static fn ($some): array => array_values($some->pluck('target')->all()));
        $mixes = array_map(
            fn (array $one): Mix => $mixer->mix($this->household->reader($garden)->read($one[2]), $one[0]->volumeMl(), $garden->units),
            $due,
        );
        $needs = $this->needs($garden, $due, $mixes);
        $sprays = [];
        foreach ($due as $n => [$round, , $body]) {
            $sprays[] = $this->spray($garden, $round, $body, $mixes[$n], $needs, $troubled->all());
        }
        $done = $garden
            ->ticks()
            ->toBase()
            ->where('day', $garden->localNow()->toDateString())
            ->pluck('created_at', 'step')
            ->all();
        $rounds = [];
        foreach ($due as $one) {
            $rounds[$one[0]->id] = $one;
        }

        return array_map(
            fn (Batch $batch): DayBatchResource => $this->batch(
                $garden,
                $batch,
                array_map(static fn (DueSpray $one): array => $rounds[$one->round], $batch->sprays),
                $done,
            ),
            Day::of($sprays, $mixer, $this->keepingTimes, $this->rinse)->batches,
        );
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  array<string, float>  $needs
     * @param  array<array-key, list<mixed>>  $troubled  planting => what was found on it
     */
    private function spray(Garden $garden, Round $round, array $body, Mix $mix, array $needs, array $troubled): DueSpray
    {
        $course = $round->course;
        $today = $garden->localNow()->startOfDay();

        return new DueSpray(
            $round->id,
            md5(json_encode([$body, $course->sprayer_id, $course->products], JSON_THROW_ON_ERROR)),
            $mix,
            $course->sprayer?->vessel(),
            $round->dueAt($garden->time_zone)->getTimestamp(),
            array_values(
                $round
                    ->open()
                    ->map(
                        fn (Planting $one): DueStand => new DueStand(
                            $one->id,
                            $one->name,
                            $one->met(),
                            $one->number,
                            $needs[$one->id] ?? null,
                            in_array($course->target, $troubled[$one->id] ?? [], true),
                            $one->new_until !== null && $one->new_until >= $today,
                        ),
                    )
                    ->all(),
            ),
        );
    }

    /**
     * @param  non-empty-list<array{Round, DueRoundResource, array<string, mixed>}>  $due
     * @param  non-empty-list<Mix>  $mixes
     * @return array<string, float> planting => mL that it is expected to take
     */
    private function needs(Garden $garden, array $due, array $mixes): array
    {
        $plantings = [];
        $wets = [];
        foreach ($due as $n => [$round]) {
            foreach ($mixes[$n]->recipe->use->wetsLeaves() ? $round->open() : [] as $planting) {
                $plantings[$planting->id] = $planting;
                $wets[$planting->id] = $this->estimator->spreads($mixes[$n]);
            }
        }

        return $plantings === [] ? [] : $this->need->each($garden, new Collection(array_values($plantings)), $wets);
    }

    /**
     * @param  list<array{Round, DueRoundResource, array<string, mixed>}>  $due  rounds of the batch
     * @param  array<array-key, mixed>  $done  step => when it was ticked off, UTC
     */
    private function batch(Garden $garden, Batch $batch, array $due, array $done): DayBatchResource
    {
        [$round, $shown, $body] = $due[0];
        [$lines, $severity, $headline, $instead] = [$shown->mix, $shown->severity, $shown->headline, $shown->instead];
        if (count($due) > 1 || $batch->fills > 1) {
            $plantings = array_merge(...array_map(static fn (array $one): array => $one[0]->open()->all(), $due));
            $bench = $this->bench->forAll($garden, $body, $plantings, $batch->eachMl, $round->course->sprayer);
            [$lines, $severity, $headline, $instead] = [self::lines($bench->layers), $bench->severity, $bench->headline, $bench->refused];
        }
        $steps = Day::steps($batch);
        $isIndoors = array_filter($due, static fn (array $one): bool => $one[0]->open()->contains('indoors', false)) === [];
        $made = $done["mix:{$batch->id()}"] ?? null;
        $madeAt = is_string($made) ? CarbonImmutable::parse($made, 'UTC') : null;
        $volume = fn (float $ml): string => PreciseWords::volume($ml, $garden->units);

        return new DayBatchResource(
            $batch->id(),
            $shown->recipe,
            $shown->recipe_id,
            $shown->sprayer,
            $shown->sprayer_id,
            $shown->planting_id,
            $batch->volumeMl,
            $volume($batch->volumeMl),
            $batch->fills > 1 ? Say::it('rounds.in-fills', ['fills' => (string) $batch->fills, 'each' => $volume($batch->eachMl)]) : null,
            $lines,
            $shown->jars,
            $batch->keeps === null ? null : $this->catalogue->sentence($batch->keeps->said()),
            $madeAt?->toIso8601ZuluString(),
            $batch->keeps === null ? null : $madeAt?->addMinutes((int) round($batch->keeps->hours->likely * 60.0))->toIso8601ZuluString(),
            $batch->overMl !== null && $batch->overMl > 0.25 * $batch->volumeMl
                ? Say::it('rounds.by-their-size', ['volume' => $volume($batch->volumeMl - $batch->overMl)])
                : null,
            array_map(static fn (array $one): DueRoundResource => $one[1], $due),
            array_map(
                fn (DayTask $step, int $n): DayStepResource => $this->step(
                    $garden,
                    $step,
                    $batch,
                    isset($done[$step->id]),
                    $n === 1,
                    $isIndoors,
                ),
                $steps,
                array_keys($steps),
            ),
            $severity,
            $headline,
            $instead,
        );
    }

    /** @param  bool  $isFirst  the first that is sprayed, where what to mind with it is said */
    private function step(Garden $garden, DayTask $step, Batch $batch, bool $done, bool $isFirst, bool $isIndoors): DayStepResource
    {
        $name = $step->portion === null ? '' : "{$step->portion->stand->number} × {$step->portion->stand->name}";
        $params = [
            'name' => $name === '' ? 'none' : $name,
            'minutes' => $step->portion->rinseAfter ?? 0.0,
            'volume' => PreciseWords::volume($batch->volumeMl, $garden->units),
            'ml' => $step->portion === null || $step->portion->ml <= 0.0
                ? 'none'
                : PreciseWords::volume($step->portion->ml, $garden->units),
        ];

        return new DayStepResource(
            $step->id,
            $step->kind,
            $this->catalogue->say(Message::of("course.batch.$step->kind", $params)),
            $this->how($step, $batch->mix, $isFirst, $isIndoors),
            $step->portion?->stand->id,
            $name === '' ? null : $name,
            $step->kind === 'rinse' ? $step->portion?->rinseAfter : null,
            $done,
        );
    }

    private function how(DayTask $step, Mix $mix, bool $isFirst, bool $isIndoors): ?string
    {
        return match ($step->kind) {
            'mix' => $this->minded($mix, 'handle', $isIndoors),
            'spray' => $isFirst ? $this->minded($mix, 'spray', $isIndoors) : null,
            'leftover' => $this->disposal($mix),
            'rinse' => $this->catalogue->say(Message::of('course.batch.rinse-why')),
            'clean' => $this->catalogue->say(Message::of('course.batch.clean-how')),
            default => null,
        };
    }

    /** What to mind at that moment with this mix; what holds for all of them is known by then. */
    private function minded(Mix $mix, string $moment, bool $isIndoors): ?string
    {
        $notes = array_map(
            fn (CareNote $note): string => $this->catalogue->say($note->said()),
            $this->care->of($mix, $moment, isShort: true, isIndoors: $isIndoors),
        );

        return $notes === [] ? null : implode(' ', $notes);
    }

    /** How to get rid of what is left over of a mix. */
    public function disposal(Mix $mix): string
    {
        $notes = array_filter($this->care->of($mix, 'after'), static fn (CareNote $note): bool => str_starts_with($note->id, 'leftover'));

        return implode(' ', array_map(fn (CareNote $note): string => $this->catalogue->say($note->said()), $notes));
    }

    /**
     * @param  list<LayerResource>  $layers
     * @return list<string> what to pour, in mixing order
     */
    public static function lines(array $layers): array
    {
        return array_map(
            static fn (LayerResource $layer): string => $layer->amount.
                ' '.
                mb_strtolower($layer->name).
                ($layer->group === 'water' || $layer->measure === null ? '' : ": $layer->measure"),
            $layers,
        );
    }
}
