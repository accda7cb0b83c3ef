<?php

declare(strict_types=1);

namespace App\Notebook\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'LookAnswer')]
final class LookAnswerRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'score' => '0 none to 10 dead.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'score' => ['required', 'numeric', 'between:0,10'],
            'note' => ['nullable', 'string', 'max:5000'],
        ];
    }
}
