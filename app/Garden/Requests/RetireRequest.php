<?php

declare(strict_types=1);

namespace App\Garden\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RetirePlanting', required: ['version'], properties: [
    new OA\Property(property: 'version', type: 'integer'),
    new OA\Property(property: 'back', description: 'True brings a retired planting back.', type: 'boolean', nullable: true),
    new OA\Property(property: 'why', type: 'string', nullable: true),
])]
final class RetireRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'back' => ['nullable', 'boolean'], 'why' => ['nullable', 'string', 'max:255']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['why' => 'The reason is too long: keep it under 255 characters.'];
    }
}
