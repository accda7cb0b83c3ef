<?php

declare(strict_types=1);

namespace App\Rounds\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'TickStep')]
final class TickRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'step' => 'As the day\'s list names it.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'step' => ['required', 'string', 'max:120', 'regex:/^(mix|spray|rinse|leftover|clean|water):[a-zA-Z0-9:]+$/'],
            'done' => ['required', 'boolean'],
        ];
    }
}
