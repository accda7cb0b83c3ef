<?php

declare(strict_types=1);

namespace App\Chores\Writes;

use App\Models\Chore;
use App\Models\Garden;
use Carbon\CarbonImmutable;
use Nebbia\Core\Reading\Often\Often;
use Nebbia\Core\Reading\Often\OftenReader;

/** Done, or left, for this time: when it comes round next. */
final readonly class DoChore
{
    public function __construct(private OftenReader $often) {}

    public function __invoke(Garden $garden, Chore $chore, bool $isLeft = false): void
    {
        $today = $garden->localNow()->startOfDay();
        $starts = $chore->starts_on->toDateString();
        $often = $this->often->read($chore->often, $chore->until ?? '', $starts, $garden->isSouth());
        $chore->update([
            'done_on' => $isLeft ? $chore->done_on : $today->toDateString(),
            'next_on' => $this->next($often, $chore, $today),
        ]);
    }

    /** By weekday and month as the calendar has it; every so many days counted from the day on which it was really done. */
    private function next(Often $often, Chore $chore, CarbonImmutable $today): ?string
    {
        if ($often->times === 1) {
            return null;
        }
        $from = $often->isByCalendar() ? $chore->starts_on->toDateString() : $today->toDateString();
        $due = $chore->next_on?->toDateString() ?? $today->toDateString();
        // What is done a little early is done for this time.
        $after = $often->isByCalendar() ? max($due, $today->toDateString()) : $today->toDateString();

        return $often->after($from, $after);
    }
}
