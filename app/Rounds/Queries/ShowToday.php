<?php

declare(strict_types=1);

namespace App\Rounds\Queries;

use App\Bench\Queries\WorkOutBench;
use App\Core\Say;
use App\Keep\Queries\ShowKeep;
use App\Making\Queries\ListTasks;
use App\Making\Queries\TakeFromShelf;
use App\Models\Application;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Round;
use App\Models\RoundStatus;
use App\Models\Trouble;
use App\Models\TroubleStatus;
use App\Rounds\Resources\ApplicationResource;
use App\Rounds\Resources\DuePatchResource;
use App\Rounds\Resources\DueRoundResource;
use App\Rounds\Resources\RoundResource;
use App\Rounds\Resources\TodayResource;
use App\Rounds\Resources\WaitingRoundResource;
use App\Scouting\Queries\DescribeTrouble;
use App\Scouting\Queries\ListInspections;
use App\Scouting\Resources\TroubleBriefResource;
use App\Weather\WeatherThen;
use Carbon\CarbonImmutable;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Planning\Day\DueOnPlants;
use Nebbia\Core\Planning\Day\OncePerPlant;
use Nebbia\Core\Target\Targets;
use Nebbia\Core\Weather\WeatherUnits;

/** What is due today and soon, and what was done last. */
final readonly class ShowToday
{
    private const DAYS_AHEAD = 14;

    private const MOST_COMING = 8;

    private const LAST_DONE = 5;

    public function __construct(
        private WorkOutBench $bench,
        private Targets $targets,
        private DescribeTrouble $troubles,
        private ListTasks $tasks,
        private ListInspections $inspections,
        private TakeFromShelf $fromShelf,
        private ShowDay $day,
        private ListLeftovers $leftovers,
        private WeatherThen $weather,
        private ListLooks $glances,
        private OrderDay $order,
        private ShowKeep $keep,
    ) {}

    public function __invoke(Garden $garden): TodayResource
    {
        $today = $garden->localNow()->startOfDay();
        $rounds = $garden
            ->rounds()
            ->where('status', RoundStatus::Planned)
            ->where('due_on', '<=', $today->addDays(self::DAYS_AHEAD)->toDateString())
            ->whereHas('course')
            ->with(['application', ...Round::MIXED])
            ->get();
        $all = $rounds->map(fn (Round $round): array => $this->due($garden, $round, $today));
        $due = array_values($all->map(static fn (array $one): DueRoundResource => $one[1])->all());
        $turns = $this->turns($garden, $all->all());
        $isNow = static fn (DueRoundResource $round): bool => $round->in_days <= 0 && in_array($round->round->id, $turns->now, true);
        $last = $garden->applications()->with('batch')->limit(self::LAST_DONE)->get();

        $batches = ($this->day)($garden, array_values($all->filter(static fn (array $one): bool => $isNow($one[1]))->all()));
        [$looks, $patches, $tasks] = [$this->looks($garden, $today->toDateString()), $this->patches($garden), ($this->tasks)($garden)];
        $inspections = ($this->inspections)($garden, $last);
        $byId = [];
        foreach ($all as [$round]) {
            $byId[$round->id] = $round;
        }

        return new TodayResource(
            $today->toDateString(),
            $garden->is_demo ? null : $this->keep->late(),
            array_values(array_filter($due, $isNow)),
            array_slice(
                array_values(array_filter($due, static fn (DueRoundResource $round): bool => $round->in_days > 0)),
                0,
                self::MOST_COMING,
            ),
            array_values(
                $last->map(static fn (Application $entry): ApplicationResource => ApplicationResource::of($entry, $garden->units))->all(),
            ),
            $looks,
            $patches,
            $tasks,
            $inspections,
            $batches,
            ($this->leftovers)($garden),
            WeatherThen::said($this->weather->at($garden, $garden->now()), WeatherUnits::of($garden->units)),
            ($this->order)($garden, $batches, $byId, ($this->glances)($garden, $inspections, $looks), $patches, $tasks),
            $this->waiting($due, $turns),
        );
    }

    /**
     * Which of the rounds that are due are today's, so that no plant is due twice.
     *
     * @param  array<array-key, array{Round, DueRoundResource, array<string, mixed>}>  $all
     */
    private function turns(Garden $garden, array $all): OncePerPlant
    {
        $due = [];
        foreach ($all as [$round, $shown]) {
            if ($shown->in_days <= 0) {
                $due[] = new DueOnPlants(
                    $round->id,
                    $round->course_id,
                    $round->due_on->toDateString(),
                    $round->dueAt($garden->time_zone)->hour,
                    array_values($round->open()->map(static fn (Planting $one): string => $one->id)->all()),
                );
            }
        }
        $sprayed = [];
        $midnight = $garden->localNow()->startOfDay()->utc();
        if ($due !== []) {
            $done = $garden->applications()->where('applied_at', '>=', $midnight)->get(['id', 'garden_id', 'planting_ids']);
            foreach ($done as $one) {
                array_push($sprayed, ...$one->planting_ids);
            }
        }

        return OncePerPlant::of($due, $sprayed);
    }

    /**
     * @param  list<DueRoundResource>  $due
     * @return list<WaitingRoundResource>
     */
    private function waiting(array $due, OncePerPlant $turns): array
    {
        $byId = [];
        foreach ($due as $one) {
            $byId[$one->round->id] = $one;
        }
        $waiting = [];
        foreach ($turns->waits as $id => $for) {
            $other = $byId[$for] ?? null;
            $waiting[] = new WaitingRoundResource($byId[$id], match (true) {
                $other === null => Say::it('day.waits-sprayed'),
                $other->round->course_id === $byId[$id]->round->course_id => Say::it('day.waits-course'),
                default => Say::it('day.waits-for', ['recipe' => $other->recipe]),
            });
        }

        return $waiting;
    }

    /** @return list<TroubleBriefResource> open troubles whose next look is due, the longest due first */
    private function looks(Garden $garden, string $today): array
    {
        $open = $garden
            ->troubles()
            ->where('status', TroubleStatus::Open)
            ->with(['planting.zone', 'counts', 'tacticUses', 'glances'])
            ->get();
        $briefs = $open->map(fn (Trouble $trouble): TroubleBriefResource => $this->troubles->brief($garden, $trouble));

        return array_values(
            $briefs
                ->filter(static fn (TroubleBriefResource $brief): bool => $brief->look_again_on === null || $brief->look_again_on <= $today)
                ->sortBy('look_again_on')
                ->values()
                ->all(),
        );
    }

    /** @return list<DuePatchResource> the longest due first */
    private function patches(Garden $garden): array
    {
        return array_values(
            $garden
                ->looks()
                ->toBase()
                ->join('plantings', 'plantings.id', '=', 'looks.planting_id')
                ->whereNull('looks.score')
                ->whereNull('plantings.retired_on')
                ->where('looks.look_at', '<=', $garden->now())
                ->reorder('looks.look_at')
                ->get(['looks.planting_id', 'plantings.name', 'looks.recipe_name', 'looks.fraction'])
                ->map(
                    static fn (object $row): DuePatchResource => new DuePatchResource(
                        (string) $row->planting_id,
                        (string) $row->name,
                        (string) $row->recipe_name,
                        (float) $row->fraction,
                    ),
                )
                ->all(),
        );
    }

    /** @return array{Round, DueRoundResource, array<string, mixed>} with the recipe and its jars */
    private function due(Garden $garden, Round $round, CarbonImmutable $today): array
    {
        $course = $round->course;
        $recipe = $round->remedy();
        $dueOn = CarbonImmutable::parse($round->due_on->toDateString(), $garden->time_zone);
        // What is due is mixed today, from what stands there; for later nothing can be said yet.
        [$body, $jars] = $dueOn <= $today ? ($this->fromShelf)($garden, $recipe->body, $garden->now()) : [$recipe->body, []];
        $bench = $this->bench->forAll($garden, $body, $round->open(), $round->volumeMl(), $course->sprayer);

        $due = new DueRoundResource(
            RoundResource::of($round),
            $recipe->name,
            $recipe->id,
            $course->target === null ? null : $this->targets->named($course->target)->name,
            $round
                ->open()
                ->map(static fn (Planting $planting): string => "$planting->number × $planting->name")
                ->join(', ', Say::it('rounds.and')),
            $course->sprayer?->name,
            $course->sprayer_id,
            $round->open()->first()?->id,
            PreciseWords::volume($round->volumeMl(), $garden->units),
            $course->times,
            (int) $today->diffInDays($dueOn, false),
            ShowDay::lines($bench->layers),
            $jars,
            $bench->severity,
            $bench->headline,
            $bench->refused,
        );

        return [$round, $due, $body];
    }
}
