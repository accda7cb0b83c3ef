<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Round;

use DateTimeImmutable;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\Care\Waits;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Planning\Course\CoursePlanting;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Target\Target;

/** What does not go together in rounds that somebody set by hand: with the leaves, the soil, the season and the kitchen. */
final readonly class RhythmJudge
{
    /** What is picked from week to week, at any stage: its leaves or stems are the harvest. */
    private const PICKED = ['leaf', 'stem'];

    public function __construct(private Bearing $bearing, private Waits $waits) {}

    /**
     * @param  non-empty-list<Mix>  $mixes  one, or two that take turns
     * @param  list<CoursePlanting>  $plantings
     * @param  float  $days  from one round to the next
     * @param  int  $number  of rounds
     * @return list<Finding>
     */
    public function of(array $mixes, array $plantings, ?Target $target, float $days, int $number): array
    {
        return $number < 2
            ? []
            : array_values(array_filter([
                $this->ofLeaves($mixes, $days),
                $this->ofSoil($mixes, $plantings, $number),
                $this->ofRow($mixes, $target, $days, $number),
                $this->ofKitchen($mixes, $plantings, $days),
            ]));
    }

    /**
     * Days on which the same plants have something else already, the first of them.
     *
     * @param  list<DateTimeImmutable>  $days
     * @param  list<NeighbourRound>  $neighbours
     */
    public function onSameDay(array $days, array $neighbours): ?Finding
    {
        foreach ($days as $day) {
            foreach ($neighbours as $one) {
                [$from, $to] = NeighbourRound::day($one->from, $day->getTimezone());
                if ($one->samePlants && $day->getTimestamp() >= $from && $day->getTimestamp() < $to) {
                    return self::caution('same-day', ['name' => $one->name, 'day' => $day->format('j F')]);
                }
            }
        }

        return null;
    }

    /** @param  non-empty-list<Mix>  $mixes */
    private function ofLeaves(array $mixes, float $days): ?Finding
    {
        return $mixes[0]->recipe->use->wetsLeaves() && $days < RoundPlacer::LEAST_GAP
            ? self::caution('leaves', ['days' => $days, 'least' => RoundPlacer::LEAST_GAP])
            : null;
    }

    /**
     * @param  non-empty-list<Mix>  $mixes
     * @param  list<CoursePlanting>  $plantings
     */
    private function ofSoil(array $mixes, array $plantings, int $number): ?Finding
    {
        $outside = array_filter($plantings, static fn (CoursePlanting $one): bool => ! $one->indoors);
        $most = $outside === [] && $plantings !== [] ? null : $this->bearing->mostRounds($mixes);

        return $most !== null && $number > $most ? self::caution('soil', ['n' => $most, 'wanted' => $number]) : null;
    }

    /** @param  non-empty-list<Mix>  $mixes */
    private function ofRow(array $mixes, ?Target $target, float $days, int $number): ?Finding
    {
        $row = $this->bearing->inARow($mixes);
        if ($row === null || $days >= $row[1]) {
            return null;
        }
        // The pest's own course may ask for more.
        $most = max($row[0], (int) ceil($target->times->high ?? 0.0));

        return $number > $most ? self::caution('in-a-row', ['n' => $number, 'most' => $most, 'rest' => $row[1]]) : null;
    }

    /**
     * @param  non-empty-list<Mix>  $mixes
     * @param  list<CoursePlanting>  $plantings
     */
    private function ofKitchen(array $mixes, array $plantings, float $days): ?Finding
    {
        $wait = max(array_map($this->waits->days(...), $mixes));
        if (! $mixes[0]->recipe->use->wetsLeaves() || $wait <= $days) {
            return null;
        }
        foreach ($plantings as $planting) {
            $eaten = $planting->plant->eaten;
            if (
                $eaten !== null &&
                ($planting->stage === Stage::Fruiting || $planting->harvest !== null || in_array($eaten, self::PICKED, true))
            ) {
                return self::caution('kitchen', ['plant' => $planting->plant->name, 'days' => $days, 'wait' => $wait]);
            }
        }

        return null;
    }

    /** @param  array<string, string|int|float>  $params */
    private static function caution(string $key, array $params): Finding
    {
        return Finding::of('course', Severity::Caution, "course.by-hand.$key", $params, 'practice', 'medium');
    }
}
