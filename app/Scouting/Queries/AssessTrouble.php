<?php

declare(strict_types=1);

namespace App\Scouting\Queries;

use App\Models\Count;
use App\Models\Garden;
use App\Models\TacticUse;
use App\Models\Trouble;
use Carbon\CarbonImmutable;
use Nebbia\Core\Pest\Count\Sample;
use Nebbia\Core\Pest\Count\Trend;
use Nebbia\Core\Pest\Decision\Decider;
use Nebbia\Core\Pest\Decision\Decision;
use Nebbia\Core\Pest\Decision\EnemiesSeen;
use Nebbia\Core\Pest\Decision\Trouble as Known;
use Nebbia\Core\Target\Target;
use Nebbia\Core\Target\Targets;

/** From a trouble's rows to core's: its counts, their trend, and the decision. */
final readonly class AssessTrouble
{
    /** Two counts nearer to each other than this say nothing of a trend, days. */
    private const NEAREST = 0.5;

    public function __construct(private Targets $targets, private Decider $decider) {}

    /** Null while it is not known what it is. The planting, counts and tacticUses must be loaded. */
    public function decide(Garden $garden, Trouble $trouble): ?Decision
    {
        $known = $this->known($garden, $trouble);

        return $known === null ? null : $this->judge($known);
    }

    public function judge(Known $known): Decision
    {
        return $this->decider->decide($known);
    }

    public function known(Garden $garden, Trouble $trouble): ?Known
    {
        $target = $this->target($trouble);
        if ($target === null) {
            return null;
        }
        $planting = $trouble->planting;
        $counts = $this->comparable($trouble, $target);
        $last = end($counts);
        $today = CarbonImmutable::parse($garden->localNow()->toDateString());
        $harvest = $planting->harvest_on;
        $days = $harvest === null ? null : (int) $today->diffInDays(CarbonImmutable::parse($harvest->toDateString()), false);
        // Of a harvest that has gone by nothing follows for the next.
        $days = $days === null || $days < 0 ? null : $days;

        return new Known(
            $target,
            $planting->met(),
            $planting->indoors,
            $last === false ? null : self::sample($last),
            $this->trend($trouble, $target),
            $last === false ? EnemiesSeen::None : $last->enemies,
            $days,
            $planting->value,
            $planting->in_flower || $planting->stage === 'flowering',
            array_values(array_unique($trouble->tacticUses->map(static fn (TacticUse $use): string => $use->tactic)->all())),
        );
    }

    /** Between the last two counts that are far enough apart. */
    public function trend(Trouble $trouble, Target $target): ?Trend
    {
        $counts = $this->comparable($trouble, $target);
        $last = array_pop($counts);
        while ($last !== null && ($before = array_pop($counts)) !== null) {
            $days = $before->counted_at->diffInSeconds($last->counted_at) / 86_400;
            if ($days >= self::NEAREST) {
                return Trend::between(self::sample($before), self::sample($last), $days);
            }
        }

        return null;
    }

    public function target(Trouble $trouble): ?Target
    {
        return $trouble->target === null ? null : $this->targets->named($trouble->target);
    }

    public static function sample(Count $count): Sample
    {
        return Sample::of($count->measure, array_map(floatval(...), $count->counts), $count->leaves_per_plant);
    }

    /**
     * Counts in the target's own measure: what was counted while it was taken for something else may be in another.
     *
     * @return list<Count> the oldest first
     */
    private function comparable(Trouble $trouble, Target $target): array
    {
        return array_values(
            $trouble->counts->filter(static fn (Count $count): bool => $count->measure === $target->watchUntil?->measure)->all(),
        );
    }
}
