<?php

declare(strict_types=1);

namespace App\Rounds\Requests;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MoveRound', required: ['version', 'due_on'], properties: [
    new OA\Property(property: 'version', type: 'integer'),
    new OA\Property(property: 'due_on', type: 'string', format: 'date'),
    new OA\Property(property: 'due_hour', description: 'By the clocks of the garden; null where any will do.', type: 'integer', nullable: true),
    new OA\Property(property: 'reason', type: 'string', nullable: true),
])]
final class MoveRoundRequest extends RoundRequest
{
    protected function ownRules(): array
    {
        return ['due_on' => ['required', 'date_format:Y-m-d'], 'due_hour' => ['nullable', 'integer', 'between:0,23']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['due_on' => 'This is not a day: choose one, like 2026-05-02.', 'due_hour' => 'This is no hour of the day: choose one from 0 to 23.'];
    }

    public function day(): string
    {
        return $this->string('due_on')->toString();
    }

    /** Null where nothing is said of it. */
    public function hour(): ?int
    {
        return $this->filled('due_hour') ? $this->integer('due_hour') : null;
    }
}
