<?php

declare(strict_types=1);

namespace App\Rounds\Queries;

use App\Making\Queries\TakeFromShelf;
use App\Models\Garden;
use App\Models\Recipe;
use App\Models\Round;
use App\Models\RoundStatus;
use App\Pantry\Household;
use App\Rounds\CourseInCore;
use App\Weather\ForecastProvider;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Planning\Course\Rhythm;
use Nebbia\Core\Planning\Round\DayOutlook;
use Nebbia\Core\Planning\Round\Outlook;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Weather\Forecast;

/** What each of the coming days would mean for a round. */
final readonly class LookAhead
{
    private const DAYS = 42;

    public function __construct(
        private Kinds $kinds,
        private ForecastProvider $provider,
        private CourseInCore $courses,
        private Household $household,
        private FindNeighbours $neighbours,
        private Outlook $outlook,
        private TakeFromShelf $fromShelf,
    ) {}

    /**
     * @param  Round  $round  with its course, both recipes, sprayer, plantings and the course's rounds with applications loaded
     * @return list<DayOutlook> from today on; none where nothing is aimed at or the garden's place is not known
     */
    public function __invoke(Garden $garden, Round $round): array
    {
        $now = $garden->now();
        $today = $now->setTimezone($garden->time_zone)->toDateString();
        $course = $round->course;
        try {
            $core = $this->courses->stored($garden, $course, $today, $round->number, $round->open());
        } catch (BadInput) {
            return [];
        }
        if ($core === null) {
            return [];
        }
        $from = $now->getTimestamp();
        $forecast = $this->provider->isTrue($garden)
            ? $this->provider->forecast($garden, $from, $from + self::DAYS * 86400)
            : Forecast::of([]);

        return $this->outlook->days(
            $core,
            Rhythm::written($course->every_days, $course->times),
            $this->beside($garden, $round, -1),
            $this->beside($garden, $round, 1),
            $this->neighbours->among(
                $garden,
                $this->neighbours->courses($garden),
                $course->id,
                $course->plantings,
                $course->sprayer_id,
                $core->mixes,
            ),
            $this->readyAt($garden, $round->remedy(), $now),
            $forecast,
            $from,
            self::DAYS,
        );
    }

    /** When the round before (-1) or after (1) was sprayed or is meant to be; those that were skipped do not count. */
    private function beside(Garden $garden, Round $round, int $way): ?int
    {
        $some = $round->course->rounds
            ->filter(static fn (Round $one): bool => $one->status !== RoundStatus::Skipped && ($one->number <=> $round->number) === $way)
            ->sortBy('number');
        $one = $way < 0 ? $some->last() : $some->first();

        return $one === null
            ? null
            : ($one->application !== null ? $one->application->applied_at : $one->dueAt($garden->time_zone))->getTimestamp();
    }

    /** When what is made ahead could be ready, if it were started now; null where it stands there, is bought, or is made on the spot. */
    private function readyAt(Garden $garden, Recipe $recipe, CarbonImmutable $now): ?int
    {
        [$body] = ($this->fromShelf)($garden, $recipe->body, $now);
        $bought = array_map(static fn ($product): string => $product->ingredient->id, $this->household->cupboard($garden)->products);
        $hours = 0.0;
        foreach (is_array($body['ingredients'] ?? null) ? $body['ingredients'] : [] as $line) {
            $id = is_array($line) && is_string($line['ingredient'] ?? null) && ! isset($line['preparation']) ? $line['ingredient'] : null;
            $kind = $id === null || in_array($id, $bought, true) ? null : $this->kinds->making($id)[0] ?? null;
            $hours = max($hours, $kind->hours->likely ?? 0.0);
        }

        return $hours > 0.0 ? $now->getTimestamp() + (int) ($hours * 3600.0) : null;
    }
}
