<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Garden;
use App\Models\Planting;
use App\Models\Trouble;
use App\Models\TroubleStatus;
use App\Scouting\Writes\KeepScouting;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Pest\Decision\EnemiesSeen;
use Nebbia\Core\Pest\Diagnosis\Answers;
use Nebbia\Core\Pest\Diagnosis\DiagnosisCircumstances;
use Nebbia\Core\Pest\Diagnosis\RecentWeather;
use Nebbia\Core\Pest\Diagnosis\Season;
use Nebbia\Core\Pest\Diagnosis\Signs;
use Nebbia\Core\Target\Targets;

/** One trouble of the demo garden: the look by which it was found, its counts, and what was done, each on its day. */
final readonly class DemoTrouble
{
    public function __construct(private KeepScouting $keep, private Targets $targets, private Signs $signs) {}

    public function __invoke(Garden $garden, Planting $planting, Row $row, CarbonImmutable $today): Trouble
    {
        $at = static fn (float $day): CarbonImmutable => $today->addDays((int) $day)->setTime(8, 10);
        $noticed = $at($row->float('noticed'));
        $scouting = ($this->keep)(
            $garden,
            $planting,
            Answers::of($this->signs, $row->strings('present'), $row->strings('absent')),
            DiagnosisCircumstances::of(
                $planting->met(),
                $planting->indoors,
                Season::of($noticed->month),
                array_map(RecentWeather::from(...), $row->strings('weather')),
            ),
            true,
            $row->string('target'),
            $row->string('note'),
            $noticed,
        );
        $trouble = $garden->troubles()->findOrFail($scouting->trouble_id);
        foreach ($row->rows('tactics') as $tactic) {
            $trouble->tacticUses()->create([
                'garden_id' => $garden->id,
                'tactic' => $tactic->string('tactic'),
                'done_at' => $at($tactic->float('day'))->utc(),
                'note' => $tactic->string('note') ?: null,
            ]);
        }
        $measure = $this->targets->named($row->string('target'))->watchUntil?->measure;
        foreach ($row->rows('counts') as $count) {
            $trouble->counts()->create([
                'garden_id' => $garden->id,
                'measure' => $measure,
                'counts' => $count->floats('counts'),
                'leaves_per_plant' => (int) $count->float('leaves'),
                'enemies' => EnemiesSeen::from($count->string('enemies')),
                'counted_at' => $at($count->float('day'))->utc(),
                'note' => $count->string('note', '') ?: null,
            ]);
        }
        if ($row->has('closed')) {
            $trouble->update([
                'status' => TroubleStatus::Closed,
                'closed_on' => $at($row->float('closed'))->toDateString(),
                'outcome' => $row->string('outcome'),
            ]);
        }

        return $trouble->refresh();
    }
}
