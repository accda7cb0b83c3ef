<?php

declare(strict_types=1);

namespace App\Garden\Resources;

use App\Scouting\Resources\TroubleBriefResource;
use OpenApi\Attributes as OA;

/** A planting at a glance. */
#[OA\Schema(schema: 'PlotPlanting')]
final readonly class PlotPlantingResource
{
    /**
     * @param  list<TroubleBriefResource>  $troubles
     * @param  list<string>  $bears
     */
    public function __construct(
        #[OA\Property] public PlantingResource $planting,
        #[OA\Property(items: new OA\Items(ref: TroubleBriefResource::class))] public array $troubles,
        #[OA\Property(format: 'date')] public ?string $treated_on,
        #[OA\Property] public ?string $treated_with,
        #[OA\Property] public bool $is_new,
        #[OA\Property] public ?int $days_to_harvest,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $bears,
    ) {}
}
