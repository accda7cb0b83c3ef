<?php

declare(strict_types=1);

namespace App\Notebook\Resources;

use App\Garden\Resources\PlantingResource;
use OpenApi\Attributes as OA;

/** The story of a planting's leaves: test patches, injuries, and what they have taught. */
#[OA\Schema(schema: 'Looks')]
final readonly class LooksResource
{
    /**
     * @param  list<LookResource>  $looks
     * @param  list<LearnedResource>  $learned
     * @param  list<array{id: string, what: string}>  $rounds
     * @param  list<NeverResource>  $nevers
     * @param  list<NeverChoiceResource>  $had
     */
    public function __construct(
        #[OA\Property] public PlantingResource $planting,
        #[OA\Property(items: new OA\Items(ref: LookResource::class))] public array $looks,
        #[OA\Property(items: new OA\Items(ref: LearnedResource::class))] public array $learned,
        #[OA\Property(
            description: 'Logged rounds on it that an injury may be put to.',
            items: new OA\Items(
                required: ['id', 'what'],
                properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'what', type: 'string')],
                type: 'object',
            ),
        )]
        public array $rounds,
        #[OA\Property(description: 'What is never to be put on it again.', items: new OA\Items(ref: NeverResource::class))]
        public array $nevers,
        #[OA\Property(description: 'What it has had of late, to choose from.', items: new OA\Items(ref: NeverChoiceResource::class))]
        public array $had,
    ) {}
}
