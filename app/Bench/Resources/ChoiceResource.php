<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** One entry of a list to choose from. */
#[OA\Schema(schema: 'Choice', required: ['id', 'name'], properties: [
    new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'),
])]
#[OA\Schema(schema: 'IngredientChoice', required: ['id', 'name', 'strength', 'also', 'is_liquid'], properties: [
    new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'strength', description: 'Usual strength, as the placeholder of the field', type: 'string'),
    new OA\Property(property: 'also', type: 'string'), new OA\Property(property: 'is_liquid', type: 'boolean'),
])]
final class ChoiceResource {}
