<?php

declare(strict_types=1);

namespace App\Http\Requests;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'BenchRequest', required: ['recipe'], properties: [
    new OA\Property(property: 'recipe', ref: '#/components/schemas/RecipeBody'),
    new OA\Property(property: 'sprayer_id', type: 'string', nullable: true),
    new OA\Property(property: 'planting_id', type: 'string', nullable: true),
    new OA\Property(property: 'volume', description: 'Final volume wanted, as typed.', type: 'string', nullable: true),
])]
final readonly class BenchRequest extends BenchInput {}
