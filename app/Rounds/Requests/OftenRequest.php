<?php

declare(strict_types=1);

namespace App\Rounds\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

/** How often and until when, in words. */
#[OA\Schema(schema: 'OftenInWords')]
final class OftenRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'often' => 'every 5 days, twice a week, every Monday, monthly.',
        'until' => '3 times, until 30 June, until the first frost, until it is gone.',
        'usual' => 'Rounds where no end is said.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'often' => ['required', 'string', 'max:160'],
            'until' => ['nullable', 'string', 'max:160'],
            'starts_on' => ['required', 'date_format:Y-m-d'],
            'usual' => ['nullable', 'integer', 'between:1,100'],
        ];
    }
}
