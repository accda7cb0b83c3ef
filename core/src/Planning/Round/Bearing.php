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
 * What plants and soil bear of a course, whatever the life cycle asks for: leaves no more than a round every three days, soil so much
 * sodium. After some sprays of soap or oil in a row the plants are looked at first. Rough practice.
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
        $most = $course->isIndoors() ? null : $this->mostRounds($course->mixes);
        $number = $rhythm->number;
        if ($most !== null && $number > $most) {
            $said[] = Message::of('course.bears.soil', ['n' => $most, 'wanted' => $number]);
            $number = $most;
        }
        $row = $this->inARow($course->mixes);
        if ($row !== null && $number > $row[0]) {
            $said[] = Message::of('course.bears.in-a-row', ['next' => $row[0] + 1]);
        }

        return $said === [] ? $rhythm : $rhythm->within($days, $number, $said);
    }

    /**
     * How many rounds the soil bears; null where its sodium is nothing to speak of.
     *
     * @param  non-empty-list<Mix>  $mixes  one, or two that take turns
     */
    public function mostRounds(array $mixes): ?int
    {
        $each = array_sum(array_map(fn (Mix $mix): float => $this->load->rise($this->load->grams($mix)), $mixes)) / count($mixes);
        $bears = $this->soil->part('points')->float('caution');

        return $each <= 0.0 ? null : max(1, (int) floor($bears / $each - 1e-9));
    }

    /**
     * After how many in a row the plants are looked at and rest, and for how many days; null where that is of no matter.
     *
     * @param  non-empty-list<Mix>  $mixes
     * @return array{int, float}|null
     */
    public function inARow(array $mixes): ?array
    {
        $least = null;
        foreach ($this->spacing->rows('in_a_row') as $row) {
            $all = array_filter(
                $mixes,
                static fn (Mix $mix): bool => array_filter(
                    $row->strings('substances'),
                    static fn (string $id): bool => ($mix->strengthOf($id)->percentWv->likely ?? 0.0) > 0.0,
                ) !== [],
            );
            if (count($all) === count($mixes) && $mixes[0]->recipe->use->wetsLeaves()) {
                $times = (int) $row->float('times');
                $least = $least === null || $times < $least[0] ? [$times, $row->float('rest_days')] : $least;
            }
        }

        return $least;
    }
}
