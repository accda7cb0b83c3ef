<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Garden;
use App\Models\LookKind;
use App\Models\Planting;
use App\Models\Product;
use App\Models\Recipe;
use App\Models\Round;
use App\Models\RoundStatus;
use App\Models\Sprayer;
use App\Models\Trouble;
use App\Models\WeatherNote;
use App\Notebook\Writes\KeepLook;
use App\Rounds\CourseDraft;
use App\Rounds\Writes\LogBatch;
use App\Rounds\Writes\PlanCourse;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Mixing\Recipe\Repeat;
use Nebbia\Core\Planning\Course\Purpose;
use Nebbia\Core\Weather\Forecast;
use Symfony\Component\Yaml\Yaml;

/**
 * Builds Fontegrigia from database/demo/fontegrigia.yaml: its past two seasons are planned and logged by the same actions
 * that the screens use.
 */
final class DemoGarden
{
    /** A season is over, and its notes complete, from this month on. */
    private const SEASON_ENDS = 10;

    private const SEASONS = 2;

    /** @var array<string, Sprayer> */
    private array $sprayers = [];

    /** @var array<string, Planting> */
    private array $plantings = [];

    /** @var array<string, Recipe> */
    private array $recipes = [];

    /** @var array<string, Trouble> */
    private array $troubles = [];

    /** @var list<array{Product, float}> */
    private array $products = [];

    /** @var list<string> */
    private array $gardeners = [];

    private int $logged = 0;

    public function __construct(
        private readonly PlanCourse $planCourse,
        private readonly LogBatch $logBatch,
        private readonly DemoTrouble $demoTrouble,
        private readonly KeepLook $keepLook,
        private readonly DemoPreparation $demoPreparation,
        private readonly Clock $clock,
    ) {}

    /** @param  CarbonImmutable  $now  when its own clock begins to run */
    public function build(CarbonImmutable $now): Garden
    {
        $data = Row::of(Yaml::parseFile(database_path('demo/fontegrigia.yaml')), 'fontegrigia.yaml');

        return DB::transaction(function () use ($data, $now): Garden {
            $garden = Garden::query()
                ->create(['clock_offset_s' => $now->getTimestamp() - $this->clock->now()->getTimestamp()] + $data->row('garden')->toArray())
                ->refresh();
            $this->gardeners = $data->strings('gardeners');
            $this->furnish($garden, $data, $now->setTimezone($garden->time_zone)->startOfDay());
            $last = $now->month >= self::SEASON_ENDS ? $now->year : $now->year - 1;
            for ($year = $last - self::SEASONS + 1; $year <= $last; $year++) {
                foreach ($data->rows('season') as $row) {
                    $this->course($garden, $row, CarbonImmutable::parse("$year-".$row->string('start'), $garden->time_zone));
                }
            }
            $today = $now->setTimezone($garden->time_zone)->startOfDay();
            foreach ($data->rows('troubles') as $key => $row) {
                $this->troubles[$key] = ($this->demoTrouble)($garden, $this->plantings[$row->string('planting')], $row, $today);
            }
            foreach ($data->rows('rain') as $row) {
                $this->rain($garden, $row, $today);
            }
            foreach ($data->rows('current') as $row) {
                $this->course($garden, $row, $today->addDays((int) $row->float('start')));
            }
            foreach ($data->rows('looks') as $row) {
                ($this->keepLook)(
                    $garden,
                    $this->plantings[$row->string('planting')],
                    LookKind::from($row->string('kind')),
                    $this->recipes[$row->string('recipe')]->id,
                    null,
                    $row->float('fraction'),
                    $row->has('leaves') ? (int) $row->float('leaves') : null,
                    $today->addDays((int) $row->float('put_on'))->setTime(19, 30)->utc(),
                    $row->has('score') ? $row->float('score') : null,
                    $row->has('note') ? $row->string('note') : null,
                );
            }
            foreach ($data->rows('preparations') as $row) {
                ($this->demoPreparation)($garden, $row, $this->sprayers, $now);
            }
            // Two seasons of rounds came from bottles long gone: these are as full as they are.
            foreach ($this->products as [$product, $left]) {
                $product->refresh()->update(['left' => $left]);
            }

            return $garden;
        });
    }

    private function furnish(Garden $garden, Row $data, CarbonImmutable $today): void
    {
        foreach ($data->rows('sprayers') as $key => $row) {
            $this->sprayers[$key] = $garden->sprayers()->create($row->toArray());
        }
        foreach ($data->rows('tools') as $row) {
            $garden->tools()->create($row->toArray() + ['step' => 0.0]);
        }
        foreach ($data->rows('own_measures') as $row) {
            $garden->ownMeasures()->create($row->toArray());
        }
        foreach ($data->rows('products') as $row) {
            $attributes = $row->toArray();
            foreach (['opened' => 'opened_on', 'keeps' => 'best_before'] as $days => $day) {
                if ($row->has($days)) {
                    $attributes[$day] = $today->addDays((int) $row->float($days))->toDateString();
                    unset($attributes[$days]);
                }
            }
            $this->products[] = [$garden->products()->create($attributes), $row->float('left')];
        }
        $zones = [];
        foreach ($data->rows('zones') as $key => $row) {
            $zones[$key] = $garden->zones()->create($row->toArray() + ['position' => count($zones) + 1]);
        }
        foreach ($data->rows('plantings') as $key => $row) {
            $attributes = $row->toArray();
            unset($attributes['zone']);
            foreach (['harvest_in' => 'harvest_on', 'new_for' => 'new_until'] as $days => $day) {
                if ($row->has($days)) {
                    $attributes[$day] = $today->addDays((int) $row->float($days))->toDateString();
                    unset($attributes[$days]);
                }
            }
            $this->plantings[$key] = $garden->plantings()->create($attributes + ['zone_id' => $zones[$row->string('zone')]->id]);
        }
        foreach ($data->rows('recipes') as $key => $row) {
            $body = $row->row('body');
            $this->recipes[$key] = $garden->recipes()->create([
                'name' => $body->string('name'),
                'use' => $body->string('use'),
                'note' => $row->string('note'),
                'body' => ['format' => RecipeReader::FORMAT] + $body->toArray(),
            ]);
        }
    }

    private function course(Garden $garden, Row $row, CarbonImmutable $start): void
    {
        $plantings = new Collection(array_map(fn (string $key): Planting => $this->plantings[$key], $row->strings('plantings')));
        $course = ($this->planCourse)(
            $garden,
            new CourseDraft(
                $this->recipes[$row->string('recipe')],
                $this->sprayers[$row->string('sprayer')],
                $plantings,
                $row->string('target'),
                $row->float('volume_ml'),
                Repeat::every((int) $row->float('every_days'), (int) $row->float('times')),
                $start,
                $row->has('trouble') ? $this->troubles[$row->string('trouble')] : null,
                purpose: Purpose::from($row->string('purpose', 'outbreak')),
                other: $row->has('other') ? $this->recipes[$row->string('other')] : null,
            ),
        );
        $log = $row->strings('log');
        foreach (
            $course
                ->rounds()
                ->with(Round::MIXED)
                ->get() as $n => $round
        ) {
            if (isset($log[$n])) {
                $this->write($garden, $round, $log[$n]);
            }
        }
    }

    private function rain(Garden $garden, Row $row, CarbonImmutable $today): void
    {
        $from = $today->addDays((int) $row->float('day'))->setTime((int) $row->float('hour'), 0)->getTimestamp();
        $hours = (int) $row->float('hours');
        $garden->weatherNotes()->create([
            'kind' => WeatherNote::RAIN,
            'from_at' => $from,
            'until_at' => $from + $hours * Forecast::HOUR,
            'hours' => array_map(
                static fn (int $n): array => [$from + $n * Forecast::HOUR, $row->float('mm') / $hours],
                range(0, $hours - 1),
            ),
        ]);
    }

    private function write(Garden $garden, Round $round, string $note): void
    {
        if (str_starts_with($note, 'skipped:')) {
            $round->update(['status' => RoundStatus::Skipped, 'reason' => trim(substr($note, 8))]);

            return;
        }
        // Weed sprays go out at noon, the rest in the evening; the two gardeners take turns.
        $hour = $round->remedy()->use === 'weed' ? '12:10' : '19:30';
        $at = CarbonImmutable::parse($round->due_on->toDateString().' '.$hour, $garden->time_zone);
        $by = $this->gardeners[$this->logged++ % count($this->gardeners)];
        ($this->logBatch)($garden, collect([$round]), null, $at, $round->course->volume_ml, by: $by, note: $note);
    }
}
