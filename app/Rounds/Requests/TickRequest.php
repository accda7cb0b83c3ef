<?php

declare(strict_types=1);

namespace App\Rounds\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'TickStep', required: ['step', 'done'], properties: [
    new OA\Property(property: 'step', description: 'As the day\'s list names it.', type: 'string'),
    new OA\Property(property: 'done', type: 'boolean'),
])]
final class TickRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['step' => ['required', 'string', 'max:120', 'regex:/^(mix|spray|rinse|leftover|clean):[a-zA-Z0-9:]+$/'], 'done' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['step' => 'This is no step of the day: load the page again.', 'done' => 'Say whether it is done.'];
    }
}
