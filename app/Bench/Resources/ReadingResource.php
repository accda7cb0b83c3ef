<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** A recipe read from plain words. */
#[OA\Schema(schema: 'Reading')]
final readonly class ReadingResource
{
    /**
     * @param  array<string, mixed>  $recipe  nebbia.recipe/1; what is missing is null
     * @param  list<SpanResource>  $understood
     * @param  list<SpanResource>  $doubts
     * @param  list<SpanResource>  $not_understood
     * @param  list<string>  $planting_ids
     */
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/ReadRecipeBody', type: 'object')] public array $recipe,
        #[OA\Property(items: new OA\Items(ref: SpanResource::class))] public array $understood,
        #[OA\Property(items: new OA\Items(ref: SpanResource::class))] public array $doubts,
        #[OA\Property(items: new OA\Items(ref: SpanResource::class))] public array $not_understood,
        #[OA\Property(description: 'Plantings here that it speaks of, the plainest first.', items: new OA\Items(type: 'string'))]
        public array $planting_ids,
    ) {}
}
