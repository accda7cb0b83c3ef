<?php

declare(strict_types=1);

namespace App\Pantry\Requests;

use App\Http\Requests\ReadsAmounts;
use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use Illuminate\Validation\Rule;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\Tool\MeasuringException;
use Nebbia\Core\Measure\Tool\Tool;
use Nebbia\Core\Measure\Tool\ToolKind;
use Nebbia\Core\Measure\UnitKind;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewTool', required: ['name', 'kind'], properties: [
    new OA\Property(property: 'version', type: 'integer', nullable: true),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'kind', type: 'string', enum: ['spoon', 'graduated', 'dropper', 'scale']),
    new OA\Property(property: 'size', description: 'What it holds, or what a scale bears, as typed.', type: 'string', nullable: true),
    new OA\Property(property: 'step', description: 'Between two marks, or the resolution of a scale, as typed.', type: 'string', nullable: true),
])]
final class ToolRequest extends TypedRequest
{
    use ReadsAmounts;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => [$this->isMethod('put') ? 'required' : 'nullable', 'integer'],
            'name' => ['required', 'string', 'max:80'],
            'kind' => ['required', Rule::enum(ToolKind::class)],
            'size' => ['nullable', 'string', 'max:80'],
            'step' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'The tool has no name, or too long a one: write one, like "tablespoon".',
            'kind' => 'Choose what kind it is: a spoon or cup, something with marks, a dropper, or a scale.',
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws BadInput naming the field
     */
    public function row(Garden $garden): array
    {
        $kind = ToolKind::from($this->string('kind')->toString());
        $name = trim($this->string('name')->toString());
        $measure = $kind === ToolKind::Scale ? UnitKind::Mass : UnitKind::Volume;
        $tool = match ($kind) {
            ToolKind::Dropper => Tool::dropper('', $name),
            ToolKind::Spoon => Tool::spoon('', $name, $this->size('size', $garden, $measure)),
            ToolKind::Graduated => Tool::graduated('', $name, $this->size('size', $garden, $measure), $this->size('step', $garden, $measure)),
            ToolKind::Scale => Tool::scale('', $name, $this->size('size', $garden, $measure), $this->size('step', $garden, $measure)),
        };

        return ['name' => $tool->name, 'kind' => $tool->kind, 'size' => $tool->size, 'step' => $tool->step];
    }

    private function size(string $field, Garden $garden, UnitKind $measure): float
    {
        $amount = $this->amount($field, $garden);

        return $amount?->unit->kind === $measure ? $amount->inBase()->likely : throw MeasuringException::size($field);
    }
}
