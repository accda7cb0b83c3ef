<?php

declare(strict_types=1);

namespace App\Chores\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'DoChore')]
final class DoChoreRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'left' => 'It is not done this time.',
        'also' => 'Ids of others that are due and are done with it.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'left' => ['nullable', 'boolean'],
            'also' => ['nullable', 'array', 'max:500'],
            'also.*' => ['string', 'distinct'],
        ];
    }
}
