<?php

declare(strict_types=1);

namespace App\Weather\Requests;

use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NoteRain', required: ['mm', 'began_at', 'hours'], properties: [
    new OA\Property(property: 'mm', description: 'In the gauge, as typed: a point or a comma; millimetres, or inches with "in".', type: 'string'),
    new OA\Property(property: 'began_at', description: 'In the garden\'s time zone, like 2026-05-02T19:30.', type: 'string'),
    new OA\Property(property: 'hours', description: 'How long it rained.', type: 'integer'),
])]
final class RainRequest extends TypedRequest
{
    protected function prepareForValidation(): void
    {
        $this->merge(['mm' => RainDepth::millimetres($this->input('mm'))]);
        parent::prepareForValidation();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['mm' => ['required', 'numeric', 'between:0.1,500'], 'began_at' => ['required', 'date_format:Y-m-d\TH:i'], 'hours' => ['required', 'integer', 'between:1,72']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'mm' => 'Write the millimetres in the gauge, from 0.1 to 500, like 4.5, or inches, like 0.2 in.', 'began_at' => 'Write when it began, like 2026-05-02T19:30.', 'hours' => 'Write for how many hours it rained, from 1 to 72.',
        ];
    }

    public function began(Garden $garden): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string('began_at')->toString(), $garden->time_zone);
    }
}
