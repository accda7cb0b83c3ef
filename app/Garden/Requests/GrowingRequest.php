<?php

declare(strict_types=1);

namespace App\Garden\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ReadGrowing')]
final class GrowingRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = ['text' => 'As it is said or pasted: "12 tomatoes, a lemon, hoya".'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['text' => ['present', 'nullable', 'string', 'max:10000']];
    }
}
