<?php

declare(strict_types=1);

namespace App\Notebook\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'LookAnswer', required: ['version', 'score'], properties: [
    new OA\Property(property: 'version', type: 'integer'),
    new OA\Property(property: 'score', description: '0 none to 10 dead.', type: 'number'),
    new OA\Property(property: 'note', type: 'string', nullable: true),
])]
final class LookAnswerRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'score' => ['required', 'numeric', 'between:0,10'], 'note' => ['nullable', 'string', 'max:5000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['score' => 'The injury must be a number from 0 (none) to 10 (dead), like 2.', 'note' => 'The note is too long: keep it under 5000 characters.'];
    }
}
