<?php

declare(strict_types=1);

namespace App\Weather\Requests;

use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NoteRain')]
final class RainRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'mm' => 'In the gauge, as typed: a point or a comma; millimetres, or inches with "in".',
        'began_at' => 'In the garden\'s time zone, like 2026-05-02T19:30.',
        'hours' => 'How long it rained.',
    ];

    protected function prepareForValidation(): void
    {
        $this->merge(['mm' => RainDepth::millimetres($this->input('mm'))]);
        parent::prepareForValidation();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'mm' => ['required', 'numeric', 'between:0.1,500'],
            'began_at' => ['required', 'date_format:Y-m-d\TH:i'],
            'hours' => ['required', 'integer', 'between:1,72'],
        ];
    }

    public function began(Garden $garden): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string('began_at')->toString(), $garden->time_zone);
    }
}
