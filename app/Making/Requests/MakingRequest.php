<?php

declare(strict_types=1);

namespace App\Making\Requests;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MakingDraft', required: ['kind'], properties: [
    new OA\Property(property: 'kind', type: 'string'),
    new OA\Property(property: 'want', description: 'How much should come of it, as typed; a litre of liquid if left out.', type: 'string', nullable: true),
    new OA\Property(property: 'body', ref: '#/components/schemas/PreparationBody'),
    new OA\Property(property: 'sprayer_id', description: 'That it is meant for: it is strained finer than its passage.', type: 'string', nullable: true),
])]
final class MakingRequest extends MakingInput
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['kind' => ['required', 'string', 'max:40'], 'want' => ['nullable', 'string', 'max:60'], 'body' => ['nullable', 'array'], 'sprayer_id' => ['nullable', 'string']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kind' => 'Choose what to make.', 'want' => 'Write how much you want, like "1 L".'];
    }

    public function kind(): string
    {
        return $this->string('kind')->toString();
    }

    public function want(): ?string
    {
        return $this->filled('want') ? $this->string('want')->toString() : null;
    }

    /** @return array<string, mixed>|null */
    public function body(): ?array
    {
        return $this->preparation('body');
    }
}
