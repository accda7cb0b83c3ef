<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\SprayHistory;
use App\Bench\TypedCircumstances;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Sprayer;
use Carbon\CarbonImmutable;
use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Chemistry\Waters;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\ClosedVessel;
use Nebbia\Core\Plant\Stage;

/** All that the household knows beside recipe and plant: water, weather, what was done before, who lives there. */
final readonly class KnowCircumstances
{
    /** Days after which a plant that was moved has settled. */
    private const SETTLED = 7;

    public function __construct(private Waters $waters, private SprayHistory $past) {}

    /**
     * @param  float|null  $fillMl  what goes into the sprayer
     * @param  CarbonImmutable|null  $at  when it is sprayed; now if left out
     */
    public function __invoke(Garden $garden, ?Planting $planting, ?Sprayer $sprayer, TypedCircumstances $now, ?float $fillMl, ?CarbonImmutable $at = null): Circumstances
    {
        $at ??= $garden->now();

        return new Circumstances(
            stage: $planting === null ? null : Stage::tryFrom($planting->stage),
            states: $this->states($planting, $now, $at),
            indoors: $planting->indoors ?? false,
            hour: $now->hour,
            water: $now->water === null ? Water::measured($garden->hardness_mg_l, $garden->alkalinity_mg_l) : $this->waters->usual($now->water),
            vessel: $sprayer === null || $fillMl === null ? null : ClosedVessel::of($sprayer->capacity_ml - $fillMl, $sprayer->material, $sprayer->name),
            history: $this->past->history($garden, $planting?->id, $sprayer?->id, $at, $now->washed, $now->rinsed),
            evidence: $this->past->evidence($garden, $planting?->id),
            around: $garden->around,
            units: $garden->units,
            measuredPh: $now->measuredPh,
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
            if ($planting->moved_on !== null && $planting->moved_on->diffInDays($at, false) >= 0 && $planting->moved_on->diffInDays($at, false) <= self::SETTLED) {
                $states[] = 'new';
            }
        }

        return array_values(array_unique($states));
    }
}
