<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Resources\BenchResource;
use App\Bench\TypedCircumstances;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Sprayer;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Mixing\Need\NeedEstimator;
use Nebbia\Core\Mixing\Recipe\Recipe;

/**
 * A recipe on the bench: fitted to a sprayer, held against a planting, put into words for the screen.
 */
final readonly class WorkOutBench
{
    public function __construct(
        private JudgeMix $judge,
        private DescribeBench $describe,
        private DescribeSafety $safety,
        private NeedEstimator $need,
    ) {}

    /**
     * @param  mixed  $body  nebbia.recipe/1, decoded
     * @param  string|null  $volume  final volume wanted, as typed; the sprayer's usable volume if left out, and without a
     *                               sprayer the recipe's own
     * @param  float  $factor  by which all that is added is made stronger
     *
     * @throws BadInput naming `recipe.…` or `volume`
     */
    public function __invoke(
        Garden $garden,
        mixed $body,
        ?Sprayer $sprayer,
        ?Planting $planting,
        ?string $volume,
        TypedCircumstances $now = new TypedCircumstances(),
        float $factor = 1.0,
    ): BenchResource {
        [$judged, $fills] = $this->judge->fills($garden, $body, $sprayer, $planting, $volume, $now, $factor);
        $stronger = $factor === 1.0 ? null : $this->judge->strengthened($garden, $body, $factor);

        $safety = ($this->safety)($judged, $now, $planting, $stronger);

        return ($this->describe)($judged, $garden, $sprayer, $fills, $safety, $this->need->spreads($judged->mix));
    }

    /**
     * The same for all plantings of a course: held against the one that bears it least.
     *
     * @param  iterable<Planting>  $plantings
     * @param  array<string, mixed>  $body
     * @param  CarbonImmutable|null  $at  when it is sprayed; now if left out
     *
     * @throws BadInput
     */
    public function forAll(
        Garden $garden,
        array $body,
        iterable $plantings,
        float $volumeMl,
        ?Sprayer $sprayer = null,
        ?CarbonImmutable $at = null,
    ): BenchResource {
        $judged = $this->judge->forAll($garden, $body, $plantings, $volumeMl, $sprayer, $at);

        return ($this->describe)($judged, $garden, null, spreads: $this->need->spreads($judged->mix));
    }
}
