<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use OpenApi\Attributes as OA;

/** What the planned rounds need beyond what is there. */
#[OA\Schema(schema: 'Shopping')]
final readonly class ShoppingResource
{
    /**
     * @param  list<PlanCostResource>  $plans
     * @param  list<WantResource>  $wants
     */
    public function __construct(
        #[OA\Property] public int $rounds,
        #[OA\Property(items: new OA\Items(ref: PlanCostResource::class))] public array $plans,
        #[OA\Property(items: new OA\Items(ref: WantResource::class))] public array $wants,
        #[OA\Property] public ?string $total,
    ) {}
}
