<?php

declare(strict_types=1);

namespace App\Bench\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'CompareRequest', required: ['recipe_ids'], properties: [
    new OA\Property(property: 'recipe_ids', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'planting_id', type: 'string', nullable: true),
])]
final class CompareRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['recipe_ids' => ['required', 'array', 'between:2,6'], 'recipe_ids.*' => ['string', 'distinct'], 'planting_id' => ['nullable', 'string']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['recipe_ids' => 'Choose 2 to 6 recipes to put side by side.', 'recipe_ids.*.distinct' => 'A recipe is chosen twice: choose it once.'];
    }

    /** @return list<string> in the order in which they were chosen */
    public function recipeIds(): array
    {
        return array_values(array_filter($this->array('recipe_ids'), is_string(...)));
    }
}
