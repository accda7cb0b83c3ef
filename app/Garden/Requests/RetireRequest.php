<?php

declare(strict_types=1);

namespace App\Garden\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RetirePlanting')]
final class RetireRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'back' => 'True brings a retired planting back.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'back' => ['nullable', 'boolean'], 'why' => ['nullable', 'string', 'max:255']];
    }
}
