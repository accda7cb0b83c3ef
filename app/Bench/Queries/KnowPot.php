<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\SprayHistory;
use App\Models\Garden;
use App\Models\Planting;
use Carbon\CarbonImmutable;
use Nebbia\Core\Judgement\Soil\PotOfPlant;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Need\NeedEstimator;
use Nebbia\Core\Mixing\Need\Wetting;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;

/** The pot a planting stands in: what of a spray one plant gets, and the sodium that earlier ones have brought to it. */
final readonly class KnowPot
{
    public function __construct(private NeedEstimator $estimator, private SprayHistory $past) {}

    /** Null where it stands in the ground, or nobody has measured its pot. */
    public function __invoke(Garden $garden, ?Planting $planting, ?Mix $mix, CarbonImmutable $at): ?PotOfPlant
    {
        $use = $mix?->recipe->use;
        if ($planting?->pot_l === null || $mix === null || $use === null || ! ($use->wetsLeaves() || $use->wetsRoots())) {
            return null;
        }
        $wetting = $use === UseOfSpray::Drench ? Wetting::Drench : Wetting::RunOff;
        $need = $this->estimator->need([$planting->stand()], $wetting, $this->estimator->spreads($mix));

        return new PotOfPlant(
            $planting->pot_l,
            $need->total->likely / $planting->number,
            $this->past->potSodium($garden, $planting, $at),
        );
    }
}
