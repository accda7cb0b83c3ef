<?php

declare(strict_types=1);

namespace App\Garden\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewZone', required: ['name'], properties: [
    new OA\Property(property: 'version', description: 'The version that was seen; only where one is changed.', type: 'integer', nullable: true),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'note', type: 'string', nullable: true),
])]
final class ZoneRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => [$this->isMethod('put') ? 'required' : 'nullable', 'integer'], 'name' => ['required', 'string', 'max:80'], 'note' => ['nullable', 'string', 'max:255']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name' => 'Give the zone a name under 80 characters, like The bean rows.', 'note' => 'The note is too long: keep it under 255 characters.'];
    }

    /** @return array{name: string, note: string|null} */
    public function zone(): array
    {
        return ['name' => trim($this->string('name')->toString()), 'note' => $this->filled('note') ? $this->string('note')->toString() : null];
    }
}
