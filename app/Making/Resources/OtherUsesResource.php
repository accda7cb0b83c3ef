<?php

declare(strict_types=1);

namespace App\Making\Resources;

use OpenApi\Attributes as OA;

/** What the same things do beside spraying: disinfecting, feeding, a look at the soil. */
#[OA\Schema(schema: 'OtherUses')]
final readonly class OtherUsesResource
{
    /**
     * @param  list<DisinfectResource>  $disinfect
     * @param  list<FeedResource>  $feeds
     * @param  list<string>  $soil_steps
     * @param  list<SoilSignResource>  $soil_signs
     * @param  list<string>  $soil_limits
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: DisinfectResource::class))] public array $disinfect,
        #[OA\Property(items: new OA\Items(ref: FeedResource::class))] public array $feeds,
        #[OA\Property(description: 'How much is made.')] public string $volume,
        #[
            OA\Property(description: 'A crude test of whether soil is acid or limy.', items: new OA\Items(type: 'string')),
        ]
        public array $soil_steps,
        #[OA\Property(items: new OA\Items(ref: SoilSignResource::class))] public array $soil_signs,
        #[OA\Property(description: 'What it cannot tell.', items: new OA\Items(type: 'string'))] public array $soil_limits,
    ) {}
}
