<?php

declare(strict_types=1);

namespace App\Rounds\Queries;

use App\Models\Course;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Recipe;
use App\Models\Round;
use App\Models\RoundStatus;
use App\Pantry\Household;
use Illuminate\Database\Eloquent\Collection;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Judgement\Compatibility\Spacing;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Planning\Round\NeighbourRound;

/** Rounds of other courses that a round has to get along with: they hold its sprayer, or are on its plants. */
final readonly class FindNeighbours
{
    private const HOUR = 3600;

    /** What lies further back is near to nothing. */
    private const BACK_DAYS = 31;

    public function __construct(private Spacing $spacing, private Household $household, private Mixer $mixer) {}

    /** @return Collection<int, Course> all that have a round to come, or had one of late */
    public function courses(Garden $garden): Collection
    {
        $since = $garden->now()->subDays(self::BACK_DAYS)->toDateString();
        $near = static fn ($rounds) => $rounds->where(
            static fn ($query) => $query
                ->where('status', RoundStatus::Planned)
                ->orWhere(static fn ($done) => $done->where('status', RoundStatus::Done)->where('due_on', '>=', $since)),
        );

        return $garden
            ->courses()
            ->whereHas('rounds', $near)
            ->with(['recipe', 'other', 'plantings', 'rounds' => $near, 'rounds.application'])
            ->get();
    }

    /**
     * @param  Collection<int, Course>  $all  as courses() gives them
     * @param  string|null  $course  id of the course that it is about; null where it is not planned yet
     * @param  iterable<Planting>  $plantings
     * @param  non-empty-list<Mix>  $mixes  what they are to have
     * @return list<NeighbourRound>
     */
    public function among(Garden $garden, Collection $all, ?string $course, iterable $plantings, ?string $sprayer, array $mixes): array
    {
        $own = [];
        foreach ($plantings as $planting) {
            $own[] = $planting->id;
        }
        $known = [];
        $found = [];
        foreach ($all as $other) {
            if ($other->id === $course) {
                continue;
            }
            $shares = $other->plantings->contains(static fn (Planting $one): bool => in_array($one->id, $own, true));
            $sameSprayer = $sprayer !== null && $other->sprayer_id === $sprayer;
            foreach ($shares || $sameSprayer ? $other->rounds : [] as $round) {
                $recipe = $other->remedy($round->number);
                $known[$recipe->id] ??= $this->mix($garden, $recipe);
                $at = ($round->application->applied_at ?? $round->dueAt($garden->time_zone))->getTimestamp();
                $found[] = new NeighbourRound(
                    $recipe->name,
                    $at,
                    $at + self::HOUR,
                    $sameSprayer,
                    $shares && $known[$recipe->id] !== false ? $this->apart($mixes, $known[$recipe->id]) : 0.0,
                    $shares,
                );
            }
        }

        return $found;
    }

    /** @param  non-empty-list<Mix>  $mixes */
    private function apart(array $mixes, Mix $other): float
    {
        return max(array_map(fn (Mix $mix): float => $this->spacing->between($mix, $other), $mixes));
    }

    private function mix(Garden $garden, Recipe $recipe): Mix|false
    {
        try {
            return $this->mixer->with($this->household->own($garden))->mix($this->household->reader($garden)->read($recipe->body));
        } catch (BadInput) {
            return false;
        }
    }
}
