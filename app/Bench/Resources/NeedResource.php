<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** How much spray is needed. */
#[OA\Schema(schema: 'Need')]
final readonly class NeedResource
{
    /**
     * @param  list<StandNeedResource>  $stands
     * @param  list<FillWayResource>  $ways
     */
    public function __construct(
        #[OA\Property] public IntervalResource $total_ml,
        #[OA\Property] public string $said,
        #[OA\Property] public string $range,
        #[OA\Property(description: 'With a tenth on top, for what is not foreseen.')] public string $with_extra,
        #[OA\Property(items: new OA\Items(ref: StandNeedResource::class))] public array $stands,
        #[OA\Property(items: new OA\Items(ref: FillWayResource::class))] public array $ways,
    ) {}
}
