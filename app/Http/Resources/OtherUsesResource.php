<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What the same things do beside spraying: disinfecting, feeding, a look at the soil. */
#[OA\Schema(schema: 'OtherUses')]
final readonly class OtherUsesResource
{
    /**
     * @param  list<DisinfectResource>  $disinfect
     * @param  list<FeedResource>  $feeds
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: DisinfectResource::class))] public array $disinfect,
        #[OA\Property(items: new OA\Items(ref: FeedResource::class))] public array $feeds,
        #[OA\Property(description: 'How much is made.')] public string $volume,
    ) {}
}
