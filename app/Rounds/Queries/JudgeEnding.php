<?php

declare(strict_types=1);

namespace App\Rounds\Queries;

use App\Models\Course;
use App\Models\GlanceWord;
use App\Models\Round;
use Nebbia\Core\Planning\Course\Ending;

/** Whether a course is over, or to be given up, by what was counted since it began. */
final readonly class JudgeEnding
{
    /** There is some; how many nobody has counted. */
    private const SOME = 1e-9;

    /** The course's rounds with their applications, and its trouble with counts and glances, must be loaded. */
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
        // A look in a word: none, or some. Before the first spray it says nothing of how many there were.
        foreach ($course->trouble->glances ?? [] as $glance) {
            $at = $glance->seen_at->getTimestamp();
            if ($glance->word !== GlanceWord::Burnt && $sprayed !== [] && $at > $sprayed[0]) {
                $counts[] = [$at, $glance->word === GlanceWord::Gone ? 0.0 : self::SOME];
            }
        }
        usort($counts, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return Ending::of($course->times, $sprayed, $counts);
    }
}
