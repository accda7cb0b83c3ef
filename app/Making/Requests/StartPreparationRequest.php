<?php

declare(strict_types=1);

namespace App\Making\Requests;

use Nebbia\Core\Shelf\PreparationException;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewPreparation', required: ['body'], properties: [
    new OA\Property(property: 'body', ref: '#/components/schemas/PreparationBody'),
    new OA\Property(property: 'name', type: 'string', nullable: true),
    new OA\Property(property: 'sprayer_id', type: 'string', nullable: true),
])]
final class StartPreparationRequest extends MakingInput
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['body' => ['required', 'array'], 'body.kind' => ['required', 'string'], 'name' => ['nullable', 'string', 'max:120'], 'sprayer_id' => ['nullable', 'string']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['body' => 'Write what goes in.', 'body.kind' => 'Choose what to make.', 'name' => 'The name is too long: keep it under 120 characters.'];
    }

    /** @return array<string, mixed> */
    public function body(): array
    {
        return $this->preparation('body') ?? throw PreparationException::notAPreparation();
    }

    public function name(): ?string
    {
        return $this->filled('name') ? $this->string('name')->toString() : null;
    }
}
