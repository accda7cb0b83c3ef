<?php

declare(strict_types=1);

namespace App\Scouting\Queries;

use App\Bench\Queries\RankRecipes;
use App\Bench\Resources\FindingResource;
use App\Bench\Resources\IntervalResource;
use App\Core\Say;
use App\Garden\Resources\PlantingResource;
use App\Models\Application;
use App\Models\Count;
use App\Models\Garden;
use App\Models\Glance;
use App\Models\Photo;
use App\Models\Planting;
use App\Models\Scouting;
use App\Models\TacticUse;
use App\Models\Trouble;
use App\Models\TroubleStatus;
use App\Rounds\Queries\GlanceWords;
use App\Rounds\Resources\LookDueResource;
use App\Scouting\Resources\CountResource;
use App\Scouting\Resources\DecisionResource;
use App\Scouting\Resources\DoneResource;
use App\Scouting\Resources\NeighbourResource;
use App\Scouting\Resources\PlanResource;
use App\Scouting\Resources\RemedyResource;
use App\Scouting\Resources\ScoutingResource;
use App\Scouting\Resources\TacticResource;
use App\Scouting\Resources\TargetResource;
use App\Scouting\Resources\TroublePageResource;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;
use Nebbia\Core\Pest\Count\SamplingPlan;
use Nebbia\Core\Pest\Decision\Decision;
use Nebbia\Core\Pest\Decision\NeighbourPlanting;
use Nebbia\Core\Pest\Decision\RankedRemedy;
use Nebbia\Core\Pest\Decision\RankedTactic;
use Nebbia\Core\Pest\Decision\SharedRisk;
use Nebbia\Core\Pest\Diagnosis\Signs;
use Nebbia\Core\Target\CountMeasure;
use Nebbia\Core\Target\Target;

/** A trouble's own page: its story, what to do about it, with what, and who else is at risk. */
final readonly class ShowTrouble
{
    /** Sprays against one trouble that are listed, the last first. */
    private const MOST_DONE = 60;

    /** Days before it was noticed, from which what was sprayed is of its story. A rough practice figure. */
    private const BEFORE_DAYS = 30;

    /** °C at which the length of a life cycle is told. */
    private const AT_C = 20.0;

    public function __construct(
        private AssessTrouble $assess,
        private DescribeTrouble $describe,
        private ListStarters $starters,
        private RankRecipes $recipes,
        private Signs $signs,
        private Catalogue $catalogue,
    ) {}

    public function __invoke(Garden $garden, Trouble $trouble): TroublePageResource
    {
        $trouble->load(['planting.zone', 'counts', 'tacticUses', 'glances', 'scoutings']);
        $target = $this->assess->target($trouble);
        $decision = $this->assess->decide($garden, $trouble);
        $done = $this->done($garden, $trouble, $target);

        return new TroublePageResource(
            $this->describe->brief($garden, $trouble),
            PlantingResource::of($trouble->planting),
            $target === null ? null : $this->target($target),
            array_values($trouble->counts->map($this->count(...))->all()),
            $target === null ? null : $this->trend($trouble, $target, $done),
            $target?->watchUntil?->level->likely,
            $done,
            $decision === null
                ? null
                : new DecisionResource(
                    $decision->choice->value,
                    $this->describe->lookAgainOn($garden, $trouble, $decision),
                    array_map(
                        fn (Finding $finding): FindingResource => FindingResource::of($finding, $this->catalogue),
                        $decision->findings,
                    ),
                ),
            $decision === null ? [] : array_map($this->tactic(...), $decision->means->tactics),
            $decision === null ? [] : $this->remedies($garden, $decision, $trouble),
            $target === null ? [] : $this->neighbours($garden, $trouble, $target),
            $this->plan($garden, $trouble, $target),
            array_values($trouble->scoutings->map(fn (Scouting $scouting): ScoutingResource => $this->scouting($scouting))->all()),
            $trouble->status === TroubleStatus::Open ? $this->look($trouble, $target) : null,
        );
    }

    /**
     * How fast, and whether what was done is working.
     *
     * @param  list<DoneResource>  $done
     */
    private function trend(Trouble $trouble, Target $target, array $done): ?string
    {
        $trend = $this->assess->trend($trouble, $target);
        $said = $this->describe->trend($trend);
        if ($trend === null) {
            $last = $trouble->glances->last();

            return $last === null ? null : Say::it('trouble.by-your-look', ['word' => GlanceWords::say($last->word, $target->kind->value)]);
        }
        $isTreated = array_filter($done, static fn (DoneResource $one): bool => $one->kind !== 'glance') !== [];

        return $said.' '.Say::it($isTreated ? 'trouble.works' : 'trouble.goes', [
            'works' => match (true) {
                $trend->falls() => 'yes',
                $trend->grows() => 'no',
                default => 'unsure',
            },
        ]);
    }

    private function look(Trouble $trouble, ?Target $target): LookDueResource
    {
        $measure = $target?->watchUntil?->measure;

        return new LookDueResource(
            $trouble->planting->name,
            Say::it('look.now'),
            Say::it('look.a-word'),
            $trouble->planting_id,
            $trouble->id,
            null,
            $measure === null ? null : $this->catalogue->say(Message::of("measure.$measure->value")),
            GlanceWords::of($target->kind->value ?? 'unknown'),
        );
    }

    public function scouting(Scouting $scouting): ScoutingResource
    {
        $name = fn (string $sign): string => $this->catalogue->sentence($this->signs->of($sign)->name());

        return new ScoutingResource(
            $scouting->id,
            $scouting->version,
            $scouting->scouted_at->toIso8601ZuluString(),
            $scouting->trouble_id,
            array_map($name, $scouting->present),
            array_map($name, $scouting->absent),
            $scouting->note,
            $scouting->photo !== null,
        );
    }

    private function target(Target $target): TargetResource
    {
        $say = fn (string $what): ?string => $this->catalogue->has("target.$target->id.$what")
            ? $this->catalogue->say(Message::of("target.$target->id.$what"))
            : null;

        return new TargetResource(
            $target->id,
            $target->name,
            $target->kind->value,
            $say('does') ?? '',
            $say('look') ?? '',
            $say('favours') ?? '',
            $say('reached'),
            $say('spared'),
            array_map(fn (string $enemy): string => $this->catalogue->say(Message::of("enemy.$enemy")), $target->enemies),
            $this->cycle($target),
            $target->watchUntil === null
                ? null
                : KitchenFraction::figures($target->watchUntil->level->likely).
                    ' ('.
                    KitchenFraction::figures($target->watchUntil->level->low).
                    ' to '.
                    KitchenFraction::figures($target->watchUntil->level->high).
                    ') '.
                    $this->catalogue->say(Message::of('measure.'.$target->watchUntil->measure->value)),
            $target->watchUntil->basis ?? null,
            $target->watchUntil->sure ?? null,
            $target->everyDays === null ? null : (int) $target->everyDays->likely,
            $target->times === null ? null : (int) $target->times->likely,
        );
    }

    private function cycle(Target $target): ?string
    {
        $round = static fn (float $days): string => (string) (int) round($days);
        $days = $target->cycle?->totalDays(self::AT_C);
        if ($days !== null && $target->cycle !== null) {
            $stages = array_map(fn ($stage): string => $this->catalogue->say(Message::of("stage.$stage->stage")), $target->cycle->stages);

            return $this->catalogue->say(
                Message::of('cycle.days', [
                    'from' => implode(', ', $stages),
                    'likely' => $round($days->likely),
                    'low' => $round($days->low),
                    'high' => $round($days->high),
                ]),
            );
        }
        $latent = $target->latency?->days(self::AT_C);

        return $latent === null
            ? null
            : $this->catalogue->say(Message::of('cycle.latent', ['low' => $round($latent->low), 'high' => $round($latent->high)]));
    }

    private function count(Count $count): CountResource
    {
        $sample = AssessTrouble::sample($count);

        return new CountResource(
            $count->id,
            $count->version,
            $count->counted_at->toIso8601ZuluString(),
            $count->measure->value,
            IntervalResource::of($sample->mean),
            $this->describe->level($sample->mean, $count->measure),
            count($count->counts),
            $count->leaves_per_plant,
            $count->enemies->value,
            $count->note,
        );
    }

    /**
     * Whatever was put on the planting from a month before it was noticed, in whichever way it was logged; tactics, and looks in a word.
     *
     * @return list<DoneResource> the oldest first
     */
    private function done(Garden $garden, Trouble $trouble, ?Target $target): array
    {
        $noticed = CarbonImmutable::parse($trouble->noticed_on->toDateString(), $garden->time_zone);
        $applications = $garden
            ->applications()
            ->whereJsonContains('planting_ids', $trouble->planting_id)
            ->where('applied_at', '>=', $noticed->subDays(self::BEFORE_DAYS)->utc())
            ->when(
                $trouble->closed_on !== null,
                static fn ($query) => $query->where(
                    'applied_at',
                    '<=',
                    CarbonImmutable::parse((string) $trouble->closed_on?->toDateString(), $garden->time_zone)->endOfDay()->utc(),
                ),
            )
            ->limit(self::MOST_DONE)
            ->get();
        $photos = $garden
            ->photos()
            ->whereIn('of_id', [...$applications->modelKeys(), ...$trouble->glances->modelKeys(), ...$trouble->counts->modelKeys()])
            ->get()
            ->groupBy('of_id')
            ->map(static fn ($some): array => array_values($some->map(static fn (Photo $one): string => $one->id)->all()));
        $of = static fn (string $id): array => $photos->get($id) ?? [];
        $sprays = $applications->map(fn (Application $entry): DoneResource => new DoneResource(
            'spray',
            $entry->id,
            $entry->applied_at->toIso8601ZuluString(),
            is_string($entry->snapshot['recipe_name'] ?? null) ? $entry->snapshot['recipe_name'] : Say::it('bench.spray'),
            $entry->note,
            $this->beside($entry, $noticed, $target),
            $of($entry->id),
        ));
        $tactics = $trouble->tacticUses->map(
            fn (TacticUse $use): DoneResource => new DoneResource(
                'tactic',
                $use->id,
                $use->done_at->toIso8601ZuluString(),
                $this->catalogue->sentence(Message::of("tactic.$use->tactic.name")),
                $use->note,
            ),
        );
        $kind = $target->kind->value ?? 'unknown';
        $glances = $trouble->glances->map(static fn (Glance $one): DoneResource => new DoneResource(
            'glance',
            $one->id,
            $one->seen_at->toIso8601ZuluString(),
            GlanceWords::say($one->word, $kind),
            $one->note,
            null,
            $of($one->id),
        ));

        return array_values($sprays->toBase()->concat($tactics)->concat($glances)->sortBy('at')->values()->all());
    }

    /** It was done before anything was noticed, or against something else. */
    private function beside(Application $entry, CarbonImmutable $noticed, ?Target $target): ?string
    {
        if ($entry->applied_at < $noticed) {
            return Say::it('trouble.before-noticed');
        }
        $against = $entry->snapshot['target'] ?? null;

        return is_string($against) && $target !== null && $against !== $target->id && is_string($entry->snapshot['target_name'] ?? null)
            ? Say::it('trouble.against-other', ['target' => $entry->snapshot['target_name']])
            : null;
    }

    private function tactic(RankedTactic $ranked): TacticResource
    {
        $tactic = $ranked->tactic;
        $say = fn (string $what): string => $this->catalogue->say(Message::of("tactic.$tactic->id.$what"));

        return new TacticResource(
            $tactic->id,
            $this->catalogue->sentence($tactic->name()),
            $say('do'),
            $say('watch'),
            $ranked->evidence->value,
            $this->catalogue->say(Message::of('evidence.'.$ranked->evidence->value)),
            $tactic->everyDays,
            (int) $tactic->minutes->likely,
            $tactic->urgent,
            $ranked->tried,
        );
    }

    /** @return list<RemedyResource> */
    private function remedies(Garden $garden, Decision $decision, Trouble $trouble): array
    {
        $mixes = $this->recipes->mixes($garden);

        return array_map(function (RankedRemedy $ranked) use ($garden, $mixes, $trouble): RemedyResource {
            $remedy = $ranked->remedy;
            $say = fn (string $what): string => $this->catalogue->say(Message::of("remedy.$remedy->id.$what"));
            $n = KitchenFraction::figures(...);
            $schools = $remedy->schools;
            $kept = $this->recipes->of($remedy, (string) $trouble->target, $mixes);

            return new RemedyResource(
                $remedy->id,
                $this->catalogue->sentence($remedy->name()),
                $this->catalogue->say(Message::of('mode.'.$remedy->mode->value)),
                $say('how'),
                $say('limits'),
                $ranked->pairing->evidence->value,
                $this->catalogue->say(Message::of('evidence.'.$ranked->pairing->evidence->value)),
                $ranked->pairing->asPrevention,
                array_map(fn (string $stage): string => $this->catalogue->say(Message::of("stage.$stage")), $ranked->pairing->stages),
                $schools === null
                    ? null
                    : "mild {$n($schools['mild'])}, middle {$n($schools['middle'])}, strong {$n($schools['strong'])} {$schools['unit']}",
                $remedy->waitDays === null ? null : (int) $remedy->waitDays,
                $ranked->isOpen(),
                $ranked->plantIsSensitive,
                $ranked->noted,
                $ranked->tooNearHarvest,
                $ranked->tooLate,
                $kept,
                // Whoever has one of this family is not offered another.
                $kept === [] && $ranked->isOpen() ? $this->starters->of($remedy, $garden, $trouble->planting) : [],
            );
        }, $decision->means->remedies);
    }

    /** @return list<NeighbourResource> */
    private function neighbours(Garden $garden, Trouble $trouble, Target $target): array
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

    private function plan(Garden $garden, Trouble $trouble, ?Target $target): PlanResource
    {
        $measure = $target->watchUntil->measure ?? CountMeasure::PercentLeaf;
        // One draw a day: the plan does not change while one is counting, and is another next week.
        $plan = SamplingPlan::draw($measure, $trouble->planting->number, crc32($trouble->id.$garden->localNow()->toDateString()));
        $say = fn (string $key, array $params = []): string => $this->catalogue->say(Message::of($key, $params));
        $how = $say("plan.$measure->value", ['plants' => count($plan->plants), 'leaves' => $plan->leavesPerPlant]);
        $drawn = $measure !== CountMeasure::PerCard && count($plan->plants) < $trouble->planting->number;

        return new PlanResource(
            $measure->value,
            $say("measure.$measure->value"),
            $plan->plants,
            $plan->leavesPerPlant,
            $drawn ? $how.' '.$say('plan.which', ['which' => implode(', ', array_map(strval(...), $plan->plants))]) : $how,
        );
    }
}
