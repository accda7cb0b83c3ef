<?php

declare(strict_types=1);

namespace App\Scouting\Writes;

use App\Models\Garden;
use App\Models\Planting;
use App\Models\Scouting;
use App\Models\Trouble;
use App\Models\TroubleStatus;
use App\Scouting\Queries\DiagnosePlanting;
use App\Scouting\Resources\CauseResource;
use Carbon\CarbonImmutable;
use Nebbia\Core\Pest\Diagnosis\Answers;
use Nebbia\Core\Pest\Diagnosis\DiagnosisCircumstances;
use Nebbia\Core\Pest\Diagnosis\RecentWeather;

/** Writes a look down, with what it pointed to, and opens a trouble or adds to the one that is open. */
final readonly class KeepScouting
{
    public function __construct(private DiagnosePlanting $diagnose) {}

    /** @param  string|null  $target  what the gardener takes it for */
    public function __invoke(
        Garden $garden,
        Planting $planting,
        Answers $answers,
        DiagnosisCircumstances $circumstances,
        bool $asTrouble,
        ?string $target,
        ?string $note,
        ?CarbonImmutable $at = null,
    ): Scouting {
        $at ??= $garden->now();
        $trouble = $asTrouble ? $this->trouble($garden, $planting, $target, $at) : null;

        return $garden->scoutings()->create([
            'planting_id' => $planting->id,
            'trouble_id' => $trouble?->id,
            'scouted_at' => $at->utc(),
            'present' => array_keys($answers->seen, true, true),
            'absent' => array_keys($answers->seen, false, true),
            'weather' => array_map(static fn (RecentWeather $weather): string => $weather->value, $circumstances->weather),
            'causes' => array_map(static fn (CauseResource $cause): array => [
                'target' => $cause->target, 'name' => $cause->name, 'probability' => $cause->probability,
            ], ($this->diagnose)($answers, $circumstances)->causes),
            'note' => $note,
        ]);
    }

    /** The open one of the same target, or one whose target was not known yet; else a new one. */
    private function trouble(Garden $garden, Planting $planting, ?string $target, CarbonImmutable $at): Trouble
    {
        $open = $garden->troubles()->where('planting_id', $planting->id)->where('status', TroubleStatus::Open)->get();
        $same = $open->firstWhere('target', $target) ?? ($target === null ? null : $open->firstWhere('target', null));
        if ($same !== null) {
            if ($same->target !== $target) {
                $same->update(['target' => $target]);
            }

            return $same;
        }

        return $garden->troubles()->create([
            'planting_id' => $planting->id, 'target' => $target, 'status' => TroubleStatus::Open,
            'noticed_on' => $at->setTimezone($garden->time_zone)->toDateString(),
        ]);
    }
}
