<?php

declare(strict_types=1);

namespace App\Rounds\Queries;

use App\Chores\Resources\ChoreResource;
use App\Core\Say;
use App\Making\Resources\TaskResource;
use App\Models\Chore;
use App\Models\Course;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Round;
use App\Models\RoundStatus;
use App\Rounds\Resources\DayBatchResource;
use App\Rounds\Resources\DuePatchResource;
use App\Rounds\Resources\JobResource;
use App\Weather\Queries\JudgeHours;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Planning\Day\WhenToday;
use Nebbia\Core\Planning\Hour\JudgedHour;
use Nebbia\Core\Planning\Round\RoundWords;
use Nebbia\Core\Reading\Often\Often;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\WeatherUnits;

/** What there is to do today, one thing after the other: what can only be done now first, what has to wait last. */
final readonly class OrderDay
{
    /** Seen ahead for a better hour. */
    private const HOURS = 48;

    /** By the garden's clocks: between them somebody is up. */
    private const AWAKE = [5, 22];

    /** Whose turn it is. */
    private const FIRST_NOW = 0;

    private const LOOKS = 1;

    private const JARS = 2;

    private const CHORES = 3;

    private const LATER = 4;

    private const STARTS = 5;

    private const POOR = 6;

    private const WAITS = 7;

    private const LAST = 8;

    public function __construct(private JudgeHours $hours, private Catalogue $catalogue) {}

    /**
     * @param  list<DayBatchResource>  $batches
     * @param  array<string, Round>  $rounds  id => round, with course, recipes, sprayer and plantings
     * @param  list<JobResource>  $looks
     * @param  list<DuePatchResource>  $patches
     * @param  list<TaskResource>  $tasks
     * @return list<JobResource>
     */
    public function __invoke(Garden $garden, array $batches, array $rounds, array $looks, array $patches, array $tasks): array
    {
        $jobs = [];
        foreach ($this->sprays($garden, $batches, $rounds) as [$job, $until]) {
            $jobs[] = [match ($job->state) {
                'now', 'any' => self::FIRST_NOW,
                'later' => self::LATER,
                'poor' => self::POOR,
                default => self::WAITS,
            }, $job, $until];
        }
        foreach ($looks as $job) {
            $jobs[] = [self::LOOKS, $job];
        }
        foreach ($patches as $n => $patch) {
            $jobs[] = [self::LOOKS, new JobResource('patch', (string) $n, 'now', Say::it('day.today'))];
        }
        foreach ($tasks as $n => $task) {
            $jobs[] = [
                match ($task->kind) {
                    'throw' => self::LAST,
                    'start' => self::STARTS,
                    default => self::JARS,
                },
                new JobResource('task', (string) $n, 'any', $this->whenTask($garden, $task)),
            ];
        }
        foreach ([...$this->chores($garden), ...$this->waterings($garden)] as $job) {
            $jobs[] = [self::CHORES, $job];
        }
        foreach ($this->endings($garden) as $job) {
            $jobs[] = [self::FIRST_NOW, $job];
        }
        // What can be done for the shortest time goes first. Sorting is stable: what is of one turn stays as it was found.
        usort($jobs, static fn (array $a, array $b): int => [$a[0], $a[2] ?? self::HOURS] <=> [$b[0], $b[2] ?? self::HOURS]);

        return array_column($jobs, 1);
    }

    /**
     * @param  list<DayBatchResource>  $batches
     * @param  array<string, Round>  $rounds
     * @return list<array{JobResource, int|null}> with the hours from now until which it can be done as well
     */
    private function sprays(Garden $garden, array $batches, array $rounds): array
    {
        $forecast = $batches === [] || $garden->place() === null ? null : $this->hours->forecast($garden, self::HOURS);
        $jobs = [];
        foreach ($batches as $batch) {
            $each = [];
            $planned = null;
            foreach ($batch->rounds as $due) {
                $round = $rounds[$due->round->id] ?? null;
                $course = $round === null || $forecast === null ? null : $this->hours->course($garden, $round, $garden->now());
                if ($round !== null && $course !== null && $forecast !== null) {
                    $hours = $this->hours->hours($garden, $course, $forecast, self::HOURS);
                    $each[] = $hours === [] ? null : $hours;
                }
                if ($round !== null && $due->in_days === 0 && $round->due_hour !== null) {
                    $hour = $round->dueAt($garden->time_zone)->getTimestamp() - JudgeHours::from($garden);
                    $planned = max($planned ?? 0, intdiv($hour, Forecast::HOUR));
                }
            }
            $each = array_values(array_filter($each));
            $jobs[] = $each === []
                ? [new JobResource('spray', $batch->id, 'any', Say::it('day.today')), null]
                : $this->spray($garden, $batch->id, WhenToday::worst($each), $planned);
        }

        return $jobs;
    }

    /**
     * @param  non-empty-list<JudgedHour>  $hours
     * @return array{JobResource, int|null}
     */
    private function spray(Garden $garden, string $id, array $hours, ?int $planned): array
    {
        $local = array_map(
            static fn (JudgedHour $hour): CarbonImmutable => CarbonImmutable::createFromTimestamp($hour->at, $garden->time_zone),
            $hours,
        );
        $today = $garden->localNow()->toDateString();
        $left = count(array_filter($local, static fn (CarbonImmutable $at): bool => $at->toDateString() === $today));
        $when = WhenToday::of(
            $hours,
            max(1, $left),
            array_map(static fn (CarbonImmutable $at): bool => $at->hour >= self::AWAKE[0] && $at->hour < self::AWAKE[1], $local),
            $planned,
        );
        $at = static fn (?int $n): ?string => $n === null || ! isset($local[$n]) ? null : $local[$n]->format('H:i');
        $meant = $when->from === null || $when->from === 0 ? null : $local[$when->from] ?? null;
        $next = $meant === null ? null : $this->spoken($garden, $meant);
        $why = in_array($when->state, ['poor', 'wait'], true) ? $this->why($garden, $hours[0]) : null;
        $until = $when->until !== null && $when->until < $left ? $at($when->until) : null;

        // What only might be a little better stands in nobody's way.
        $isGrave = static fn (array $one): bool => $one[0]->severity->rank() > Severity::Notice->rank();
        $isMinor = array_filter($hours[0]->objections, $isGrave) === [];
        $state = $when->state === 'poor' && $isMinor ? 'now' : $when->state;

        $job = new JobResource(
            'spray',
            $id,
            $state,
            match ($state) {
                'now' => Say::it('day.now', ['until' => $until ?? 'none']),
                'later' => Say::it($planned === $when->from ? 'day.at' : 'day.from', ['at' => $at($when->from) ?? '']),
                'poor' => Say::it('day.better', ['next' => $next ?? 'none']),
                default => Say::it('day.when', ['why' => $this->waitsFor($hours[0])]),
            },
            $why !== null && $state === 'now' ? Say::it('day.will-do', ['why' => $why]) : $why,
            $next,
        );

        return [$job, $when->until];
    }

    private function why(Garden $garden, JudgedHour $hour): ?string
    {
        $why = (new RoundWords($this->catalogue, WeatherUnits::of($garden->units)))->against($hour);

        return $why === '' ? null : mb_strtoupper(mb_substr($why, 0, 1)).mb_substr($why, 1).'.';
    }

    /** What forbids the hour: rain, wind or something else. */
    private function waitsFor(JudgedHour $hour): string
    {
        $id = ($hour->objections[0] ?? null) === null ? '' : $hour->objections[0][0]->id;

        return match (true) {
            in_array($id, ['rain', 'rain-later', 'wet-leaf', 'watered'], true) => 'dry',
            $id === 'windy' => 'still',
            default => 'good',
        };
    }

    private function spoken(Garden $garden, CarbonImmutable $at): string
    {
        $days = (int) $garden->localNow()->startOfDay()->diffInDays($at->startOfDay());

        return match ($days) {
            0 => Say::it('rounds.today'),
            1 => Say::it('rounds.tomorrow'),
            default => $at->format('l'),
        }.
            ' at '.
            $at->format('H:i');
    }

    private function whenTask(Garden $garden, TaskResource $task): string
    {
        $at = $task->at === null ? null : CarbonImmutable::parse($task->at)->setTimezone($garden->time_zone);

        return match (true) {
            $at === null || $task->kind === 'throw' => Say::it('day.any'),
            $at <= $garden->localNow() => Say::it('day.now', ['until' => 'none']),
            $at->isSameDay($garden->localNow()) => Say::it('day.by', ['at' => $at->format('H:i')]),
            default => Say::it('day.by-day', ['day' => $at->format('l'), 'at' => $at->format('H:i')]),
        };
    }

    /** @return list<JobResource> the same job on several plants is one */
    private function chores(Garden $garden): array
    {
        $today = $garden->localNow()->toDateString();

        return array_values(
            $garden
                ->chores()
                ->with('planting')
                ->where('next_on', '<=', $today)
                ->get()
                ->groupBy(static fn (Chore $chore): string => $chore->planting === null
                    ? $chore->id
                    : (string) json_encode([$chore->kind, $chore->what, $chore->often, $chore->until, $chore->from_above, $chore->next_on]))
                ->map(static function (Collection $same) use ($today): JobResource {
                    $chore = $same->firstOrFail();

                    return new JobResource(
                        'chore',
                        $chore->id,
                        'any',
                        ($chore->next_on?->toDateString() ?? $today) < $today
                            ? Say::it('day.since', ['day' => $chore->next_on?->format('j F') ?? ''])
                            : Say::it('day.today'),
                        chore: ChoreResource::of($chore),
                        said: $chore->planting === null
                            ? $chore->what
                            : Say::it('chore.on', ['what' => $chore->what, 'planting' => self::named($same)]),
                        also: array_values($same->skip(1)->map(static fn (Chore $one): string => $one->id)->all()),
                    );
                })
                ->all(),
        );
    }

    /** @return list<JobResource> what is watered on this day of every week, as it is written with the plant */
    private function waterings(Garden $garden): array
    {
        $now = $garden->localNow();
        $day = strtolower($now->format('D'));
        $ticked = $garden->ticks()->toBase()->where('day', $now->toDateString())->where('step', 'like', 'water:%')->pluck('step')->all();
        $jobs = [];
        $garden
            ->standing()
            ->whereNotNull('care')
            ->get()
            ->filter(static fn (Planting $one): bool => in_array($day, $one->care['water_days'] ?? [], true))
            ->groupBy(static fn (Planting $one): string => $one->care['water_at'] ?? '07:00')
            ->sortKeys()
            ->each(static function (Collection $some, int|string $at) use (&$jobs, $ticked): void {
                $id = 'water:'.str_replace(':', '', (string) $at);
                $jobs[] = new JobResource(
                    'water',
                    $id,
                    'any',
                    Say::it('day.at', ['at' => (string) $at]),
                    said: Say::it('chore.on', ['what' => Say::it('chore.water'), 'planting' => self::named($some)]),
                    done: in_array($id, $ticked, true),
                );
            });

        return $jobs;
    }

    /** @param  Collection<int, Planting>|Collection<int, Chore>  $some */
    private static function named(Collection $some): string
    {
        return collect($some->all())
            ->map(static fn (Planting|Chore $one): string => $one instanceof Planting ? $one->name : $one->planting->name ?? '')
            ->join(', ', Say::it('rounds.and'));
    }

    /** @return list<JobResource> courses that looks or frost have ended */
    private function endings(Garden $garden): array
    {
        $jobs = [];
        $courses = $garden
            ->courses()
            ->whereNotNull('until')
            ->whereHas('rounds', static fn ($rounds) => $rounds->where('status', RoundStatus::Planned))
            ->with(['recipe', 'plantings', 'rounds.application', 'trouble.counts', 'trouble.glances'])
            ->get();
        $frost = $courses->contains(static fn (Course $course): bool => $course->until === Often::FROST) && $garden->place() !== null
            ? $this->hours->forecast($garden, self::HOURS)->frostIn($garden->now()->getTimestamp())
            : null;
        foreach ($courses as $course) {
            $isOver = $course->until === Often::FROST
                ? $frost !== null && $frost <= self::HOURS
                : JudgeEnding::of($course)->word === 'over';
            if ($isOver) {
                $jobs[] = new JobResource(
                    'ending',
                    $course->id,
                    'now',
                    Say::it('day.any'),
                    said: Say::it($course->until === Often::FROST ? 'day.ends-frost' : 'day.ends-gone', [
                        'recipe' => $course->recipe->name,
                        'plantings' => self::named($course->plantings),
                    ]),
                );
            }
        }

        return $jobs;
    }
}
