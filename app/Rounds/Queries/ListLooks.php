<?php

declare(strict_types=1);

namespace App\Rounds\Queries;

use App\Core\Say;
use App\Models\Garden;
use App\Models\Trouble;
use App\Models\TroubleStatus;
use App\Rounds\Resources\JobResource;
use App\Rounds\Resources\LookDueResource;
use App\Scouting\Queries\AssessTrouble;
use App\Scouting\Resources\DueInspectionResource;
use App\Scouting\Resources\TroubleBriefResource;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Target\Targets;

/** What is to be looked at today, each thing once: after a spray, or because a trouble's next look has come. */
final readonly class ListLooks
{
    public function __construct(private AssessTrouble $assess, private Targets $targets, private Catalogue $catalogue) {}

    /**
     * @param  list<DueInspectionResource>  $inspections
     * @param  list<TroubleBriefResource>  $looks
     * @return list<JobResource>
     */
    public function __invoke(Garden $garden, array $inspections, array $looks): array
    {
        $open = $garden->troubles()->where('status', TroubleStatus::Open)->get();
        $jobs = $seen = [];
        foreach ($inspections as $one) {
            $trouble = $this->troubleOf($open, $one);
            foreach ($one->planting_ids as $planting) {
                $seen[$planting] = true;
            }
            $jobs[] = $this->job("application:$one->application_id", new LookDueResource(
                $one->names,
                Say::it('look.question', ['name' => $one->names]),
                Say::it('look.after-spray', ['recipe' => $one->recipe, 'when' => $this->ago($garden, $one->applied_at)]),
                $one->planting_id,
                $trouble?->id,
                $one->application_id,
                $trouble === null ? null : $this->unit($trouble),
                GlanceWords::of($this->kind($one, $trouble)),
            ));
        }
        foreach ($looks as $brief) {
            if (isset($seen[$brief->planting_id])) {
                continue;
            }
            $seen[$brief->planting_id] = true;
            $trouble = $open->find($brief->id);
            $jobs[] = $this->job("trouble:$brief->id", new LookDueResource(
                $brief->planting,
                Say::it('look.question-of', ['name' => $brief->name, 'planting' => $brief->planting]),
                $brief->headline,
                $brief->planting_id,
                $brief->id,
                null,
                $trouble instanceof Trouble ? $this->unit($trouble) : null,
                GlanceWords::of($brief->kind),
            ));
        }

        return $jobs;
    }

    private function job(string $id, LookDueResource $look): JobResource
    {
        return new JobResource('look', $id, 'now', Say::it('day.today'), look: $look);
    }

    private function kind(DueInspectionResource $one, ?Trouble $trouble): string
    {
        return match (true) {
            $one->use === 'disinfect' => 'thing',
            $one->use === 'weed' => 'weed',
            $trouble !== null => $this->assess->target($trouble)?->kind->value ?? 'unknown',
            $one->target_id !== null => $this->targets->named($one->target_id)->kind->value,
            default => 'unknown',
        };
    }

    /** @param  Collection<int, Trouble>  $open */
    private function troubleOf(Collection $open, DueInspectionResource $one): ?Trouble
    {
        $on = $open->filter(static fn (Trouble $trouble): bool => in_array($trouble->planting_id, $one->planting_ids, true));

        $aimed = $on->first(static fn (Trouble $trouble): bool => $trouble->target === $one->target_id);

        return $aimed ?? ($on->count() === 1 ? $on->first() : null);
    }

    private function unit(Trouble $trouble): ?string
    {
        $measure = $this->assess->target($trouble)?->watchUntil?->measure;

        return $measure === null ? null : $this->catalogue->say(Message::of("measure.$measure->value"));
    }

    private function ago(Garden $garden, string $at): string
    {
        $then = CarbonImmutable::parse($at)->setTimezone($garden->time_zone)->startOfDay();
        $days = (int) $then->diffInDays($garden->localNow()->startOfDay());

        return Say::it('look.ago', ['days' => $days]);
    }
}
