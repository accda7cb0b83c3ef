<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** One way to bring a mix back. */
#[OA\Schema(schema: 'WayOut')]
final readonly class WayOutResource
{
    /** @param  list<string>  $steps */
    public function __construct(
        #[OA\Property(enum: ['larger', 'fill', 'as-planned'])] public string $kind,
        #[OA\Property] public string $title,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $steps,
        #[OA\Property] public string $makes,
    ) {}
}
