<?php

declare(strict_types=1);

namespace App\Garden\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ImportPlantings', required: ['csv'], properties: [new OA\Property(property: 'csv', description: 'The file as text.', type: 'string')])]
final class ImportRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['csv' => ['required', 'string', 'max:1000000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['csv' => 'The file is empty, or larger than a megabyte: choose the CSV file of the plantings.'];
    }
}
