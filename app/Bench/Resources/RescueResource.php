<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** What can be done about it. */
#[OA\Schema(schema: 'Rescue')]
final readonly class RescueResource
{
    /** @param  list<WayOutResource>  $ways */
    public function __construct(
        #[OA\Property] public string $said,
        #[OA\Property(items: new OA\Items(ref: WayOutResource::class))] public array $ways,
        #[OA\Property(description: 'How to get rid of what is left or spoilt.')] public string $disposal,
    ) {}
}
