<?php

declare(strict_types=1);

namespace App\Rounds\Queries;

use App\Core\Say;
use App\Making\Queries\PlanMakings;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Round;
use App\Models\RoundStatus;
use App\Rounds\RoundCalendar;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Making\StockNeed;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Target\Targets;

/** Planned rounds and the steeps that they wait for as a calendar: an hour each, in the evening where nobody has said when. */
final readonly class WriteCalendar
{
    /** Half an hour for starting a steep, in seconds. */
    private const STEEP = 1800;

    public function __construct(private Targets $targets, private PlanMakings $makings, private Catalogue $catalogue) {}

    public function __invoke(Garden $garden): string
    {
        $calendar = new RoundCalendar("$garden->name: rounds");
        $rounds = $garden
            ->rounds()
            ->where('status', RoundStatus::Planned)
            ->whereHas('course')
            ->with(Round::MIXED)
            ->get();
        foreach ($rounds as $round) {
            $course = $round->course;
            $from = $round->dueAt($garden->time_zone)->getTimestamp();
            $remedy = $round->remedy()->name;
            $what =
                $course->target === null
                    ? $remedy
                    : Say::it('rounds.against', ['remedy' => $remedy, 'target' => $this->targets->named($course->target)->name]);
            $calendar->add(
                $round->id,
                $from,
                $from + 3600,
                $what,
                PreciseWords::volume($course->volume_ml, $garden->units).
                    ($course->sprayer === null ? '' : ", {$course->sprayer->name}").
                    "\n".
                    $course->plantings->map(static fn (Planting $one): string => "$one->number × $one->name")->implode("\n"),
                CarbonImmutable::instance($round->updated_at ?? CarbonImmutable::createFromTimestamp(0)),
            );
        }

        foreach ($this->makings->batches($garden) as $batch) {
            if ($batch->kind->hours->likely > 0.0) {
                $start = $batch->startAt->getTimestamp();
                $calendar->add(
                    "steep-{$batch->kind->id}-$start",
                    $start,
                    $start + self::STEEP,
                    $this->catalogue->say(Message::of('making.task.start', ['name' => $this->catalogue->say($batch->kind->name())])),
                    implode(
                        "\n",
                        array_map(
                            fn (StockNeed $need): string => "$need->for, ".$this->catalogue->hear($need->at->format('j F')),
                            $batch->needs,
                        ),
                    ),
                    CarbonImmutable::createFromTimestamp($start),
                );
            }
        }

        return $calendar->text();
    }
}
