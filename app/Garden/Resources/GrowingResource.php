<?php

declare(strict_types=1);

namespace App\Garden\Resources;

use OpenApi\Attributes as OA;

/** What grows, as it was read from a list. */
#[OA\Schema(schema: 'Growing')]
final readonly class GrowingResource
{
    /** @param  list<GrownResource>  $plants */
    public function __construct(#[OA\Property(items: new OA\Items(ref: GrownResource::class))] public array $plants) {}
}
