<?php

declare(strict_types=1);

namespace App\Rounds\Requests;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MoveRound')]
final class MoveRoundRequest extends RoundRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'due_hour' => 'By the clocks of the garden; null where any will do.',
    ];

    protected function ownRules(): array
    {
        return ['due_on' => ['required', 'date_format:Y-m-d'], 'due_hour' => ['nullable', 'integer', 'between:0,23']];
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
