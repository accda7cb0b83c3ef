<?php

declare(strict_types=1);

namespace App\Making\Requests;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MakingDraft')]
final class MakingRequest extends MakingInput
{
    protected const PARTS = ['body' => 'PreparationBody'];

    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'want' => 'How much should come of it, as typed; a litre of liquid if left out.',
        'sprayer_id' => 'That it is meant for: it is strained finer than its passage.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', 'string', 'max:40'],
            'want' => ['nullable', 'string', 'max:60'],
            'body' => ['nullable', 'array'],
            'sprayer_id' => ['nullable', 'string'],
        ];
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
