<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Cause')]
final readonly class CauseResource
{
    /** @param  list<ClueResource>  $clues the weightiest first */
    public function __construct(
        #[OA\Property] public string $target,
        #[OA\Property] public string $name,
        #[OA\Property(enum: ['pest', 'disease', 'weed', 'look-alike', 'none'])] public string $kind,
        #[OA\Property] public float $probability,
        #[OA\Property] public string $does,
        #[OA\Property(items: new OA\Items(ref: ClueResource::class))] public array $clues,
    ) {}
}
