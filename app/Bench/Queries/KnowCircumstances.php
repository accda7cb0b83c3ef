<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\SprayHistory;
use App\Bench\TypedCircumstances;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Sprayer;
use App\Notebook\Queries\Nevers;
use Carbon\CarbonImmutable;
use Nebbia\Core\Chemistry\Waters;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\ClosedVessel;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Plant\Settling;
use Nebbia\Core\Plant\Stage;

/** All that the household knows beside recipe and plant: water, weather, what was done before, who lives there. */
final readonly class KnowCircumstances
{
    public function __construct(
        private Waters $waters,
        private SprayHistory $past,
        private Settling $settling,
        private KnowPot $pot,
        private Nevers $nevers,
    ) {}

    /**
     * @param  float|null  $fillMl  what goes into the sprayer
     * @param  CarbonImmutable|null  $at  when it is sprayed; now if left out
     */
    public function __invoke(
        Garden $garden,
        ?Planting $planting,
        ?Sprayer $sprayer,
        TypedCircumstances $now,
        ?float $fillMl,
        ?CarbonImmutable $at = null,
        ?Mix $mix = null,
    ): Circumstances {
        $at ??= $garden->now();

        return new Circumstances(
            stage: $planting === null ? null : Stage::tryFrom($planting->stage),
            states: $this->states($planting, $now, $at),
            indoors: $planting->indoors ?? false,
            hour: $now->hour,
            water: $now->water === null
                ? $garden->water() ?? $this->waters->usual()
                : $this->waters->usual($now->water),
            vessel: $sprayer === null || $fillMl === null
                ? null
                : ClosedVessel::of($sprayer->capacity_ml - $fillMl, $sprayer->material, $sprayer->name),
            history: $this->past->history($garden, $planting?->id, $sprayer?->id, $at, $now->washed, $now->rinsed),
            evidence: $this->past->evidence($garden, $planting?->id),
            around: $garden->around,
            units: $garden->units,
            measuredPh: $now->measuredPh,
            pot: ($this->pot)($garden, $planting, $mix, $at),
            nevers: $planting === null ? [] : $this->nevers->of($garden, $planting),
        );
    }

    /** @return list<string> */
    private function states(?Planting $planting, TypedCircumstances $now, CarbonImmutable $at): array
    {
        $states = $now->states;
        if ($planting !== null) {
            $states = [...$states, ...$planting->states];
            if ($planting->in_flower) {
                $states[] = 'in-flower';
            }
            if ($planting->moved_on !== null && $this->settling->isNew($planting->moved_on->toDateString(), $at->toDateString())) {
                $states[] = 'new';
            }
        }

        return array_values(array_unique($states));
    }
}
