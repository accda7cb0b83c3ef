<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use App\Bench\Resources\FindingResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Decision')]
final readonly class DecisionResource
{
    /** @param  list<FindingResource>  $findings the one that decided first */
    public function __construct(
        #[OA\Property(enum: ['leave', 'tactics-first', 'spray-too', 'give-up'])] public string $choice,
        #[OA\Property(format: 'date')] public string $look_again_on,
        #[OA\Property(items: new OA\Items(ref: FindingResource::class))] public array $findings,
    ) {}
}
