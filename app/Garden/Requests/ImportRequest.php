<?php

declare(strict_types=1);

namespace App\Garden\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ImportPlantings')]
final class ImportRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'csv' => 'The file as text.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['csv' => ['required', 'string', 'max:1000000']];
    }
}
