<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** What there is to choose from. */
#[OA\Schema(schema: 'Knowledge')]
final readonly class KnowledgeResource
{
    /**
     * @param  list<array{id: string, name: string, strength: string, also: string, is_liquid: bool}>  $ingredients
     * @param  list<array{id: string, name: string}>  $plants
     * @param  list<array{id: string, name: string}>  $targets
     * @param  list<array{id: string, name: string}>  $soap_oils
     * @param  list<array{id: string, name: string}>  $kinds
     * @param  list<array{id: string, name: string}>  $cupboard
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/IngredientChoice'))] public array $ingredients,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/Choice'))] public array $plants,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/Choice'))] public array $targets,
        #[
            OA\Property(description: 'What a soap can be made of.', items: new OA\Items(ref: '#/components/schemas/Choice')),
        ]
        public array $soap_oils,
        #[OA\Property(
            description: 'Kinds of plants, for what has none of its own.',
            items: new OA\Items(ref: '#/components/schemas/Choice'),
        )]
        public array $kinds,
        #[OA\Property(description: 'What households usually have.', items: new OA\Items(ref: '#/components/schemas/Choice'))]
        public array $cupboard,
    ) {}
}
