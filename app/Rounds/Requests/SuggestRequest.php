<?php

declare(strict_types=1);

namespace App\Rounds\Requests;

use App\Http\Requests\TypedRequest;
use Illuminate\Validation\Rule;
use Nebbia\Core\Planning\Course\Purpose;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SuggestRounds')]
final class SuggestRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'recipe_id' => ['required', 'string'],
            'planting_ids' => ['present', 'array', 'max:200'],
            'planting_ids.*' => ['string'],
            'target' => ['required', 'string', 'max:80'],
            'starts_on' => ['required', 'date_format:Y-m-d'],
            'purpose' => ['nullable', Rule::enum(Purpose::class)],
            'other_recipe_id' => ['nullable', 'string', 'different:recipe_id'],
        ];
    }
}
