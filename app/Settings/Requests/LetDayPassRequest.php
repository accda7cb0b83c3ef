<?php

declare(strict_types=1);

namespace App\Settings\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'LetDayPass', required: ['version'], properties: [new OA\Property(property: 'version', description: 'Of the garden, as it was seen.', type: 'integer')])]
final class LetDayPassRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer']];
    }
}
