<?php

declare(strict_types=1);

namespace App\Bench\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'CompareRequest')]
final class CompareRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'recipe_ids' => ['required', 'array', 'between:2,6'],
            'recipe_ids.*' => ['string', 'distinct'],
            'planting_id' => ['nullable', 'string'],
        ];
    }

    /** @return list<string> in the order in which they were chosen */
    public function recipeIds(): array
    {
        return array_values(array_filter($this->array('recipe_ids'), is_string(...)));
    }
}
