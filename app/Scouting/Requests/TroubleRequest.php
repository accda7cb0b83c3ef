<?php

declare(strict_types=1);

namespace App\Scouting\Requests;

use App\Http\Requests\TypedRequest;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Target\Targets;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ChangeTrouble')]
final class TroubleRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'target' => 'What it is, by any name.',
        'outcome' => 'How it ended.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'target' => ['sometimes', 'nullable', 'string', 'max:80'],
            'status' => ['sometimes', 'in:open,closed'],
            'outcome' => ['nullable', 'string', 'max:255'],
        ];
    }

    /**
     * @return array<string, mixed> what is to be changed
     *
     * @throws BadInput
     */
    public function changes(Targets $targets, string $today): array
    {
        $changes = [];
        if ($this->has('target')) {
            try {
                $changes['target'] = $this->filled('target') ? $targets->named($this->string('target')->toString())->id : null;
            } catch (BadInput $e) {
                throw $e->at('target');
            }
        }
        if ($this->filled('status')) {
            $closed = $this->input('status') === 'closed';
            $changes += [
                'status' => $this->input('status'),
                'closed_on' => $closed ? $today : null,
                'outcome' => $closed && $this->filled('outcome') ? $this->input('outcome') : null,
            ];
        }

        return $changes;
    }
}
