<?php

declare(strict_types=1);

namespace App\Making\Requests;

use App\Core\Say;
use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PreparationChange')]
final class TendPreparationRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'done' => 'Step => whether it is done.',
        'timer' => 'The step whose timer is started.',
        'finished' => 'It is strained, or thinned, and stands in its jar.',
        'strained' => 'How much came through, as typed.',
        'left' => 'As typed; 0 for none.',
        'ph' => 'As typed; null where none is known.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'done' => ['sometimes', 'array', 'max:60'],
            'timer' => ['sometimes', 'integer', 'between:0,60'],
            'stirred' => ['sometimes', 'boolean'],
            'finished' => ['sometimes', 'boolean'],
            'strained' => ['nullable', 'string', 'max:60'],
            'topped_up' => ['nullable', 'string', 'max:60'],
            'kept' => ['sometimes', 'string', 'in:warm,fridge,frozen'],
            'left' => ['sometimes', 'string', 'max:60'],
            'ph' => ['nullable', 'numeric', 'between:0,14'],
            'test' => ['sometimes', 'array'],
            'test.clear' => ['required_with:test', 'boolean'],
            'test.ph' => ['required_with:test', 'numeric', 'between:0,14'],
            'name' => ['sometimes', 'string', 'min:1', 'max:120'],
            'note' => ['sometimes', 'nullable', 'string', 'max:5000'],
        ];
    }

    /** @return array<string, mixed> */
    public function what(): array
    {
        /** @var array<string, mixed> $what */
        $what = array_diff_key($this->validated(), ['version' => 1]);

        return $what;
    }

    /** What was done, as the undo button says it. */
    public function label(): string
    {
        return match (true) {
            $this->boolean('finished') => Say::it('change.put-on-shelf'),
            $this->boolean('stirred') => Say::it('change.stirred'),
            $this->has('test') => Say::it('change.test-written-down'),
            $this->has('kept') => Say::it('change.moved'),
            $this->has('ph') => Say::it('change.ph-written-down'),
            $this->has('left') => Say::it('change.what-left-written'),
            $this->has('timer') => Say::it('change.timer-started'),
            $this->has('done') => Say::it('change.step-ticked-off'),
            default => Say::it('change.preparation-changed'),
        };
    }
}
