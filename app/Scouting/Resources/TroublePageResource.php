<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use App\Garden\Resources\PlantingResource;
use App\Rounds\Resources\LookDueResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'TroublePage')]
final readonly class TroublePageResource
{
    /**
     * @param  list<CountResource>  $counts
     * @param  list<DoneResource>  $done
     * @param  list<TacticResource>  $tactics
     * @param  list<RemedyResource>  $remedies
     * @param  list<NeighbourResource>  $neighbours
     * @param  list<ScoutingResource>  $scoutings
     */
    public function __construct(
        #[OA\Property] public TroubleBriefResource $brief,
        #[OA\Property] public PlantingResource $planting,
        #[OA\Property] public ?TargetResource $target,
        #[OA\Property(items: new OA\Items(ref: CountResource::class))] public array $counts,
        #[OA\Property] public ?string $trend,
        #[OA\Property] public ?float $watch_level,
        #[OA\Property(items: new OA\Items(ref: DoneResource::class))] public array $done,
        #[OA\Property] public ?DecisionResource $decision,
        #[OA\Property(items: new OA\Items(ref: TacticResource::class))] public array $tactics,
        #[OA\Property(items: new OA\Items(ref: RemedyResource::class))] public array $remedies,
        #[OA\Property(items: new OA\Items(ref: NeighbourResource::class))] public array $neighbours,
        #[OA\Property] public PlanResource $plan,
        #[OA\Property(items: new OA\Items(ref: ScoutingResource::class))] public array $scoutings,
        #[OA\Property(description: 'How is it now? Null once it is closed.')] public ?LookDueResource $look,
    ) {}
}
