<?php

declare(strict_types=1);

namespace App\Making\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PreparationChange', required: ['version'], properties: [
    new OA\Property(property: 'version', type: 'integer'),
    new OA\Property(property: 'done', description: 'Step => whether it is done.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'boolean')),
    new OA\Property(property: 'timer', description: 'The step whose timer is started.', type: 'integer'),
    new OA\Property(property: 'stirred', type: 'boolean'),
    new OA\Property(property: 'finished', description: 'It is strained, or thinned, and stands in its jar.', type: 'boolean'),
    new OA\Property(property: 'strained', description: 'How much came through, as typed.', type: 'string', nullable: true),
    new OA\Property(property: 'topped_up', type: 'string', nullable: true),
    new OA\Property(property: 'kept', type: 'string', enum: ['warm', 'fridge', 'frozen']),
    new OA\Property(property: 'left', description: 'As typed; 0 for none.', type: 'string'),
    new OA\Property(property: 'ph', description: 'As typed; null where none is known.', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'string')], nullable: true),
    new OA\Property(property: 'test', required: ['clear', 'ph'], properties: [new OA\Property(property: 'clear', type: 'boolean'), new OA\Property(property: 'ph', description: 'As typed.', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'string')])], type: 'object'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'note', type: 'string'),
])]
final class TendPreparationRequest extends TypedRequest
{
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

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kept' => 'Say where it stands: warm, fridge or frozen.',
            'ph' => 'Write the pH as a number from 0 to 14, as the strip or the meter shows it.',
            'test.ph' => 'Write the pH of the 1 % solution as a number from 0 to 14.',
            'test.clear' => 'Say whether it was clear in hot water.',
            'name' => 'Give it a name of up to 120 characters.',
            'strained' => 'Write how much came through, like "850 mL".',
            'left' => 'Write how much is left, like "300 mL", or 0.',
            'note' => 'The note is too long: keep it under 5000 characters.',
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
            $this->boolean('finished') => 'Put on the shelf',
            $this->boolean('stirred') => 'Stirred',
            $this->has('test') => 'Test written down',
            $this->has('kept') => 'Moved',
            $this->has('ph') => 'pH written down',
            $this->has('left') => 'What is left written down',
            $this->has('timer') => 'Timer started',
            $this->has('done') => 'Step ticked off',
            default => 'Preparation changed',
        };
    }
}
