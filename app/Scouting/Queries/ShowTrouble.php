<?php

declare(strict_types=1);

namespace App\Scouting\Queries;

use App\Bench\Resources\FindingResource;
use App\Bench\Resources\IntervalResource;
use App\Core\Say;
use App\Garden\Resources\PlantingResource;
use App\Models\Count;
use App\Models\Garden;
use App\Models\Scouting;
use App\Models\Trouble;
use App\Models\TroubleStatus;
use App\Rounds\Queries\GlanceWords;
use App\Rounds\Resources\LookDueResource;
use App\Scouting\Resources\CountResource;
use App\Scouting\Resources\DecisionResource;
use App\Scouting\Resources\DoneResource;
use App\Scouting\Resources\PlanResource;
use App\Scouting\Resources\ScoutingResource;
use App\Scouting\Resources\TroublePageResource;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Pest\Count\SamplingPlan;
use Nebbia\Core\Pest\Diagnosis\Signs;
use Nebbia\Core\Target\CountMeasure;
use Nebbia\Core\Target\Target;

/** A trouble's own page: its story, what to do about it, with what, and who else is at risk. */
final readonly class ShowTrouble
{
    public function __construct(
        private AssessTrouble $assess,
        private DescribeTrouble $describe,
        private TroubleStory $story,
        private DescribeTarget $describeTarget,
        private OfferMeans $means,
        private WhoElse $whoElse,
        private Signs $signs,
        private Catalogue $catalogue,
    ) {}

    public function __invoke(Garden $garden, Trouble $trouble): TroublePageResource
    {
        $trouble->load(['planting.zone', 'counts', 'tacticUses', 'glances', 'scoutings']);
        $target = $this->assess->target($trouble);
        $decision = $this->assess->decide($garden, $trouble);
        $done = ($this->story)($garden, $trouble, $target);

        return new TroublePageResource(
            $this->describe->brief($garden, $trouble),
            PlantingResource::of($trouble->planting),
            $target === null ? null : ($this->describeTarget)($target),
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
            $decision === null ? [] : array_map($this->means->tactic(...), $decision->means->tactics),
            $decision === null ? [] : $this->means->remedies($garden, $decision, $trouble),
            $target === null ? [] : ($this->whoElse)($garden, $trouble, $target),
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
