<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use OpenApi\Attributes as OA;

/** Everything in the shed and the cupboard. */
#[OA\Schema(schema: 'Pantry')]
final readonly class PantryResource
{
    /**
     * @param  list<ProductResource>  $products
     * @param  list<PantrySprayerResource>  $sprayers
     * @param  list<ToolResource>  $tools
     * @param  list<OwnMeasureResource>  $own_measures
     * @param  list<CalibrationChoiceResource>  $calibrations
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: ProductResource::class))] public array $products,
        #[OA\Property(items: new OA\Items(ref: PantrySprayerResource::class))] public array $sprayers,
        #[OA\Property(items: new OA\Items(ref: ToolResource::class))] public array $tools,
        #[OA\Property(items: new OA\Items(ref: OwnMeasureResource::class))] public array $own_measures,
        #[OA\Property(items: new OA\Items(ref: CalibrationChoiceResource::class))] public array $calibrations,
        #[OA\Property] public string $currency,
    ) {}
}
