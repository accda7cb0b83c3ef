<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** One way to share it out over the sprayers. */
#[OA\Schema(schema: 'FillWay')]
final readonly class FillWayResource
{
    /** @param  list<FillResource>  $fills */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: FillResource::class))] public array $fills,
        #[OA\Property] public int $number,
        #[OA\Property] public string $made,
        #[OA\Property(description: 'To be typed as the volume where one sprayer does it.')] public string $volume,
        #[OA\Property] public ?string $takes,
    ) {}
}
