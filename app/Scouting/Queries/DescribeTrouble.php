<?php

declare(strict_types=1);

namespace App\Scouting\Queries;

use App\Core\Say;
use App\Models\Garden;
use App\Models\Trouble;
use App\Scouting\Resources\TroubleBriefResource;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;
use Nebbia\Core\Pest\Count\Trend;
use Nebbia\Core\Pest\Decision\Choice;
use Nebbia\Core\Pest\Decision\Decision;
use Nebbia\Core\Target\CountMeasure;

/** A trouble in a line, and the words for counts and trends. */
final readonly class DescribeTrouble
{
    public function __construct(private AssessTrouble $assess, private Catalogue $catalogue) {}

    /** Planting with zone, counts, tacticUses and glances must be loaded. */
    public function brief(Garden $garden, Trouble $trouble): TroubleBriefResource
    {
        $target = $this->assess->target($trouble);
        $known = $this->assess->known($garden, $trouble);
        $decision = $known === null ? null : $this->assess->judge($known);
        $sample = $known?->sample;

        return new TroubleBriefResource(
            $trouble->id,
            $trouble->version,
            $trouble->planting_id,
            $trouble->planting->name,
            $trouble->planting->zone->name,
            $trouble->target,
            $target->name ?? Say::it('trouble.not-known-yet'),
            $target?->kind->value ?? 'unknown',
            $trouble->status->value,
            $trouble->noticed_on->toDateString(),
            $sample === null ? null : $this->level($sample->mean, $sample->measure),
            $known?->timesLevel(),
            $decision?->choice->value ?? 'unknown',
            $decision === null ? Say::it('trouble.find-out-what') : $this->catalogue->sentence($decision->findings[0]->what),
            $decision === null ? null : $this->lookAgainOn($garden, $trouble, $decision),
            $trouble->closed_on?->toDateString(),
            $trouble->outcome,
        );
    }

    public function level(Interval $mean, CountMeasure $measure): string
    {
        $n = KitchenFraction::figures(...);
        $unit = $this->catalogue->say(Message::of("measure.$measure->value"));
        $between = $mean->isExact() ? '' : ' ('.$n($mean->low).' to '.$n($mean->high).')';

        return $measure->isShare() ? $n($mean->likely)." $unit$between" : $n($mean->likely)."$between $unit";
    }

    public function trend(?Trend $trend): ?string
    {
        if ($trend === null) {
            return null;
        }
        $days = static fn (float $days): string => $days < 10 ? number_format($days, 1) : (string) (int) round($days);
        $times = $trend->doublingDays() ?? $trend->halvingDays();
        if ($times === null) {
            $fastest = $trend->doublesNoFasterThan();

            return $this->catalogue->say(Message::of('trend.unsure', ['fastest' => $fastest === null ? 'none' : $days($fastest)]));
        }

        return $this->catalogue->say(
            Message::of($trend->grows() ? 'trend.up' : 'trend.down', [
                'likely' => $days($times->likely),
                'low' => $days($times->low),
                'high' => $days($times->high),
            ]),
        );
    }

    /**
     * The day of the next look: so many days after the last count; today where it wants counting and was not. What is not
     * counted at all is looked at so long after what was done last, or after it was noticed.
     */
    public function lookAgainOn(Garden $garden, Trouble $trouble, Decision $decision): string
    {
        $last = $trouble->counts->last()?->counted_at;
        $glance = $trouble->glances->last()?->seen_at;
        $last = $glance !== null && ($last === null || $glance > $last) ? $glance : $last;
        if ($last === null && ($decision->choice === Choice::GiveUp || $this->assess->target($trouble)?->watchUntil === null)) {
            $last =
                $trouble->tacticUses->last()->done_at ?? CarbonImmutable::parse($trouble->noticed_on->toDateString(), $garden->time_zone);
        }
        $today = $garden->localNow()->startOfDay();

        return ($last === null
            ? $today
            : $last->setTimezone($garden->time_zone)->startOfDay()->addDays($decision->lookAgainInDays)
        )->toDateString();
    }
}
