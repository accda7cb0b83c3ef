<?php

declare(strict_types=1);

namespace App\Notebook\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

/** What is never to be put on this planting again. */
#[OA\Schema(schema: 'NewNever')]
final class NeverRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'ingredient' => 'An ingredient by any of its names, or the name of a thing of one\'s own.',
        'whole_kind' => 'On no plant of this kind in the garden.',
        'why' => 'In the household\'s words.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'ingredient' => ['required', 'string', 'max:120'],
            'whole_kind' => ['nullable', 'boolean'],
            'why' => ['nullable', 'string', 'max:500'],
        ];
    }
}
