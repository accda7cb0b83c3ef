<?php

declare(strict_types=1);

namespace App\Settings\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'LetDayPass')]
final class LetDayPassRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'version' => 'Of the garden, as it was seen.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer']];
    }
}
