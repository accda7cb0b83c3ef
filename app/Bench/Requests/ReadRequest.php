<?php

declare(strict_types=1);

namespace App\Bench\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ReadRequest', required: ['text'])]
final class ReadRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> core looks at the text itself */
    public function rules(): array
    {
        return ['text' => ['nullable', 'string']];
    }
}
