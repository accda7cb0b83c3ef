<?php

declare(strict_types=1);

namespace App\Rounds\Writes;

use App\Models\Course;
use App\Models\Garden;
use App\Models\RoundStatus;
use App\Rounds\Queries\JudgeEnding;
use Carbon\CarbonImmutable;
use Nebbia\Core\Mixing\Recipe\Repeat;
use Nebbia\Core\Reading\Often\Often;

/** A course until it is gone gets another round when its last is done, as long as looks still find something. */
final readonly class GoOn
{
    public function __invoke(Garden $garden, Course $course, CarbonImmutable $at): void
    {
        if ($course->until !== Often::GONE || $course->rounds()->where('status', RoundStatus::Planned)->exists()) {
            return;
        }
        $course->load(['rounds.application', 'trouble.counts', 'trouble.glances']);
        $number = $course->rounds->last()->number ?? 0;
        if ($number >= Repeat::MAX_TIMES || JudgeEnding::of($course)->word === 'over') {
            return;
        }
        $course->rounds()->create([
            'garden_id' => $garden->id,
            'number' => $number + 1,
            'due_on' => $at->setTimezone($garden->time_zone)->addDays($course->every_days)->toDateString(),
            'status' => RoundStatus::Planned,
        ]);
        $course->update(['times' => $number + 1]);
    }
}
