<?php

declare(strict_types=1);

namespace App\Rounds\Requests;

use App\Http\Requests\TypedRequest;
use Illuminate\Validation\Rule;
use Nebbia\Core\Planning\Course\Purpose;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SuggestRounds', required: ['recipe_id', 'planting_ids', 'target', 'starts_on'], properties: [
    new OA\Property(property: 'recipe_id', type: 'string'),
    new OA\Property(property: 'planting_ids', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'target', type: 'string'),
    new OA\Property(property: 'starts_on', type: 'string', format: 'date'),
    new OA\Property(property: 'purpose', type: 'string', enum: ['outbreak', 'prevention']),
    new OA\Property(property: 'other_recipe_id', type: 'string', nullable: true),
])]
final class SuggestRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'recipe_id' => ['required', 'string'], 'planting_ids' => ['present', 'array', 'max:200'], 'planting_ids.*' => ['string'], 'target' => ['required', 'string', 'max:80'],
            'starts_on' => ['required', 'date_format:Y-m-d'], 'purpose' => ['nullable', Rule::enum(Purpose::class)], 'other_recipe_id' => ['nullable', 'string', 'different:recipe_id'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'recipe_id' => 'No recipe is chosen: take one to the bench first.', 'planting_ids' => 'Choose the plantings from the list.', 'target' => 'Choose what it is against: the life cycle is taken from that.',
            'purpose' => 'Choose whether it is against an outbreak or to prevent one.', 'other_recipe_id' => 'Two remedies that take turns must be two: choose another, or none.',
            'starts_on' => 'The first day is missing or is no day: choose one, like 2026-05-02.',
        ];
    }
}
