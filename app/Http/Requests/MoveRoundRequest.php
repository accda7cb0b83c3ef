<?php

declare(strict_types=1);

namespace App\Http\Requests;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MoveRound', required: ['version', 'due_on'], properties: [
    new OA\Property(property: 'version', type: 'integer'),
    new OA\Property(property: 'due_on', type: 'string', format: 'date'),
    new OA\Property(property: 'reason', type: 'string', nullable: true),
])]
final class MoveRoundRequest extends RoundRequest
{
    protected function ownRules(): array
    {
        return ['due_on' => ['required', 'date_format:Y-m-d']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['due_on' => 'This is not a day: choose one, like 2026-05-02.'];
    }

    public function day(): string
    {
        return $this->string('due_on')->toString();
    }
}
