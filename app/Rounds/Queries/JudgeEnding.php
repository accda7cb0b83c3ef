<?php

declare(strict_types=1);

namespace App\Rounds\Queries;

use App\Models\Course;
use App\Models\Round;
use Nebbia\Core\Planning\Course\Ending;

/** Whether a course is over, or to be given up, by what was counted since it began. */
final readonly class JudgeEnding
{
    /** The course's rounds with their applications, and its trouble with counts, must be loaded. */
    public static function of(Course $course): Ending
    {
        $sprayed = array_values(
            $course->rounds
                ->map(static fn (Round $round): ?int => $round->application?->applied_at->getTimestamp())
                ->filter()
                ->sort()
                ->all(),
        );
        $counts = [];
        foreach ($course->trouble->counts ?? [] as $count) {
            $counts[] = [
                $count->counted_at->getTimestamp(),
                $count->counts === [] ? 0.0 : array_sum($count->counts) / count($count->counts),
            ];
        }
        usort($counts, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return Ending::of($course->times, $sprayed, $counts);
    }
}
