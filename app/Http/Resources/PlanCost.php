<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What the rest of a course costs. */
#[OA\Schema(schema: 'PlanCost')]
final readonly class PlanCost
{
    public function __construct(
        #[OA\Property] public string $recipe,
        #[OA\Property] public int $rounds,
        #[OA\Property] public CostResource $each,
        #[OA\Property] public CostResource $all,
    ) {}
}
