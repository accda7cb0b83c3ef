<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use App\Bench\Resources\RankedRecipeResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Remedy')]
final readonly class RemedyResource
{
    /**
     * @param  list<string>  $stages
     * @param  list<RankedRecipeResource>  $recipes
     * @param  list<StarterResource>  $starters
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $mode,
        #[OA\Property] public string $how,
        #[OA\Property] public string $limits,
        #[OA\Property(enum: ['strong', 'moderate', 'weak', 'none'])] public string $evidence,
        #[OA\Property] public string $evidence_word,
        #[OA\Property] public bool $as_prevention,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $stages,
        #[OA\Property] public ?string $schools,
        #[OA\Property] public ?int $wait_days,
        #[OA\Property] public bool $open,
        #[OA\Property] public bool $plant_is_sensitive,
        #[OA\Property] public ?string $noted,
        #[OA\Property] public bool $too_near_harvest,
        #[OA\Property] public bool $too_late,
        #[OA\Property(items: new OA\Items(ref: RankedRecipeResource::class))] public array $recipes,
        #[OA\Property(
            description: 'Mild ones to begin with; none where this plant would not bear them, or only a bought product will do.',
            items: new OA\Items(ref: StarterResource::class),
        )]
        public array $starters,
    ) {}
}
