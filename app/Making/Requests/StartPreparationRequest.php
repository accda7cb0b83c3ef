<?php

declare(strict_types=1);

namespace App\Making\Requests;

use Nebbia\Core\Shelf\PreparationException;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewPreparation')]
final class StartPreparationRequest extends MakingInput
{
    protected const PARTS = ['body' => 'PreparationBody'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'body' => ['required', 'array'],
            'body.kind' => ['required', 'string'],
            'name' => ['nullable', 'string', 'max:120'],
            'sprayer_id' => ['nullable', 'string'],
        ];
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
