<?php

declare(strict_types=1);

namespace App\Garden\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewZone')]
final class ZoneRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'version' => 'The version that was seen; only where one is changed.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => [$this->isMethod('put') ? 'required' : 'nullable', 'integer'],
            'name' => ['required', 'string', 'max:80'],
            'note' => ['nullable', 'string', 'max:255'],
        ];
    }

    /** @return array{name: string, note: string|null} */
    public function zone(): array
    {
        return [
            'name' => trim($this->string('name')->toString()),
            'note' => $this->filled('note') ? $this->string('note')->toString() : null,
        ];
    }
}
