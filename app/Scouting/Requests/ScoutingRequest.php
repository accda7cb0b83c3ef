<?php

declare(strict_types=1);

namespace App\Scouting\Requests;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Target\Targets;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'KeepScouting', required: ['planting_id', 'present', 'absent'], properties: [
    new OA\Property(property: 'planting_id', type: 'string'),
    new OA\Property(property: 'present', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'absent', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'weather', type: 'array', items: new OA\Items(type: 'string', enum: ['wet', 'dry', 'hot', 'cool'])),
    new OA\Property(property: 'note', type: 'string', nullable: true),
    new OA\Property(property: 'as', description: 'trouble: it opens a trouble, or goes to the open one of the same target; look: it is only written down.', type: 'string', enum: ['trouble', 'look']),
    new OA\Property(property: 'target', description: 'What the gardener takes it for; null while it is not known.', type: 'string', nullable: true),
])]
final class ScoutingRequest extends ScoutRequest
{
    protected function ownRules(): array
    {
        return [
            'planting_id' => ['required', 'string'],
            'note' => ['nullable', 'string', 'max:5000'],
            'as' => ['required', 'in:trouble,look'],
            'target' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + ['planting_id' => 'Which planting did you look at? Choose one.', 'note' => 'The note is too long: keep it under 5000 characters.'];
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

    public function note(): ?string
    {
        return $this->filled('note') ? $this->string('note')->toString() : null;
    }
}
