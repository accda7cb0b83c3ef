<?php

declare(strict_types=1);

namespace App\Making\Queries;

use App\Making\Resources\MakingStepResource;
use App\Making\Resources\PreparationStoryResource;
use App\Models\Garden;
use App\Models\Preparation;
use App\Models\Sprayer;
use App\Pantry\Household;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Making\Soap\SoapSteps;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Shelf\Kinds;

/** A preparation on its way: what to do, what is done, which timers run. */
final readonly class TellPreparation
{
    public function __construct(
        private Kinds $kinds,
        private Household $household,
        private WorkOutMaking $workOut,
        private DescribePreparation $describe,
        private Catalogue $catalogue,
    ) {}

    public function __invoke(Garden $garden, Preparation $row): PreparationStoryResource
    {
        $kind = $this->kinds->get($row->kind);
        $expected = null;
        $findings = [];
        try {
            if ($kind->isSoap()) {
                $soap = $this->household->shelf($garden)->soap($row);
                $steps = SoapSteps::of($soap, $garden->units);
                $expected = PreciseWords::volume($soap->storageMl, $garden->units);
            } else {
                // As it was planned: what was measured since says nothing of what to do.
                $asPlanned = array_diff_key($row->body, ['strained' => 1, 'topped_up' => 1]);
                $made = $this->workOut->read($garden, $asPlanned);
                $findings = $this->workOut->findings(
                    $row->ph === null ? $made : $this->workOut->read($garden, ['ph' => $row->ph] + $asPlanned),
                );
                $sprayer =
                    $row->sprayer_id === null
                        ? null
                        : $garden->sprayers->first(static fn (Sprayer $one): bool => $one->id === $row->sprayer_id);
                $steps = array_map(static fn (MixingStep $step): array => [1, $step], $this->workOut->steps($garden, $made, $sprayer));
                $expected = $made->yield === null ? null : PreciseWords::volume($made->yield->likely, $garden->units);
            }
        } catch (BadInput) {
            $steps = [];
        }

        return new PreparationStoryResource(
            ($this->describe)($garden, $row),
            array_map(fn (int $n): MakingStepResource => $this->step($row, $n, ...$steps[$n]), array_keys($steps)),
            $expected,
            $garden->now()->toIso8601ZuluString(),
            $findings,
        );
    }

    private function step(Preparation $row, int $n, int $day, MixingStep $step): MakingStepResource
    {
        $started = $row->timers[$n] ?? null;
        $minutes = $step->timer?->minutes->likely;

        return new MakingStepResource(
            $n,
            $day,
            $step->kind,
            $this->catalogue->sentence($step->what),
            $step->how === null ? null : $this->catalogue->sentence($step->how),
            array_values(array_unique(array_map($this->catalogue->sentence(...), $step->cautions))),
            $row->done[$n] ?? null,
            $minutes,
            $started,
            $started === null || $minutes === null
                ? null
                : CarbonImmutable::parse($started)->addMinutes((int) round($minutes))->toIso8601ZuluString(),
        );
    }
}
