<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Round;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\Soil\SodiumLoad;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Planning\Course\Course;
use Nebbia\Core\Planning\Course\Rhythm;

/**
 * What plants and soil bear of a course, whatever the life cycle asks for: leaves no more than a round every three days, soil so much sodium. After
 * some sprays of soap or oil in a row the plants are looked at first. Rough practice.
 */
final readonly class Bearing
{
    public function __construct(private Table $soil, private Table $spacing, private SodiumLoad $load) {}

    public function bound(Course $course, Rhythm $rhythm): Rhythm
    {
        $said = [];
        $days = $rhythm->days;
        if ($days < RoundPlacer::LEAST_GAP) {
            $days = RoundPlacer::LEAST_GAP;
            $said[] = Message::of('course.bears.leaves', ['days' => $days, 'wanted' => $rhythm->days]);
        }
        $most = $this->mostRounds($course);
        $number = $rhythm->number;
        if ($most !== null && $number > $most) {
            $said[] = Message::of('course.bears.soil', ['n' => $most, 'wanted' => $number]);
            $number = $most;
        }
        $row = $this->inARow($course);
        if ($row !== null && $number > $row) {
            $said[] = Message::of('course.bears.in-a-row', ['next' => $row + 1]);
        }

        return $said === [] ? $rhythm : $rhythm->within($days, $number, $said);
    }

    /** Null where its sodium is nothing to speak of. */
    private function mostRounds(Course $course): ?int
    {
        $each = array_sum(array_map(fn (Mix $mix): float => $this->load->rise($this->load->grams($mix)), $course->mixes)) / count($course->mixes);
        $bears = $this->soil->part('points')->float('caution');

        return $each <= 0.0 || $course->isIndoors() ? null : max(1, (int) floor($bears / $each - 1e-9));
    }

    private function inARow(Course $course): ?int
    {
        $least = null;
        foreach ($this->spacing->rows('in_a_row') as $row) {
            $all = array_filter($course->mixes, static fn (Mix $mix): bool => array_filter($row->strings('substances'), static fn (string $id): bool => ($mix->strengthOf($id)->percentWv->likely ?? 0.0) > 0.0) !== []);
            if (count($all) === count($course->mixes) && $course->mixes[0]->recipe->use->wetsLeaves()) {
                $least = min($least ?? PHP_INT_MAX, (int) $row->float('times'));
            }
        }

        return $least;
    }
}
