<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use App\Bench\Resources\CostResource;
use OpenApi\Attributes as OA;

/** What the rest of a course costs. */
#[OA\Schema(schema: 'PlanCost')]
final readonly class PlanCostResource
{
    public function __construct(
        #[OA\Property] public string $recipe,
        #[OA\Property] public int $rounds,
        #[OA\Property] public CostResource $each,
        #[OA\Property] public CostResource $all,
    ) {}
}
