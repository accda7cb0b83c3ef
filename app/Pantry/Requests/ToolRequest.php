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

#[OA\Schema(schema: 'NewTool')]
final class ToolRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'size' => 'What it holds, or what a scale bears, as typed.',
        'step' => 'Between two marks, or the resolution of a scale, as typed.',
    ];

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
            ToolKind::Graduated => Tool::graduated(
                '',
                $name,
                $this->size('size', $garden, $measure),
                $this->size('step', $garden, $measure),
            ),
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
