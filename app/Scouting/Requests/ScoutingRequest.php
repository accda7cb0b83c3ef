<?php

declare(strict_types=1);

namespace App\Scouting\Requests;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Target\Targets;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'KeepScouting')]
final class ScoutingRequest extends ScoutRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'planting_id' => 'Null for a plant that is not written down yet: it is added by the name given, or by none.',
        'plant' => 'What it is, as typed, where there is no planting.',
        'as' => 'trouble: it opens a trouble, or goes to the open one of the same target; look: it is only written down.',
        'target' => 'What the gardener takes it for; null while it is not known.',
    ];

    protected function ownRules(): array
    {
        return [
            'plant' => ['nullable', 'string', 'max:80'],
            'note' => ['nullable', 'string', 'max:5000'],
            'as' => ['required', 'in:trouble,look'],
            'target' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @throws BadInput */
    public function target(Targets $targets): ?string
    {
        if (! $this->filled('target')) {
            return null;
        }
        try {
            return $targets->named($this->string('target')->toString())->id;
        } catch (BadInput $e) {
            throw $e->at('target');
        }
    }

    public function plantName(): ?string
    {
        return $this->filled('plant') ? $this->string('plant')->toString() : null;
    }

    public function note(): ?string
    {
        return $this->filled('note') ? $this->string('note')->toString() : null;
    }
}
