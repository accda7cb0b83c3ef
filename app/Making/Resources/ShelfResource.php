<?php

declare(strict_types=1);

namespace App\Making\Resources;

use OpenApi\Attributes as OA;

/** All that was made ahead, and what can be. */
#[OA\Schema(schema: 'MadeAhead')]
final readonly class ShelfResource
{
    /**
     * @param  list<PreparationResource>  $preparations
     * @param  list<KindResource>  $kinds
     * @param  list<ToMakeResource>  $to_make
     * @param  list<string>  $from_shelf
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: PreparationResource::class))] public array $preparations,
        #[OA\Property(items: new OA\Items(ref: KindResource::class))] public array $kinds,
        #[
            OA\Property(description: 'What planned rounds need started, soonest first.', items: new OA\Items(ref: ToMakeResource::class)),
        ]
        public array $to_make,
        #[
            OA\Property(description: 'What planned rounds take of what stands there.', items: new OA\Items(type: 'string')),
        ]
        public array $from_shelf,
    ) {}
}
