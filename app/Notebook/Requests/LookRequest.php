<?php

declare(strict_types=1);

namespace App\Notebook\Requests;

use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use App\Models\LookKind;
use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewLook', required: ['kind'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: ['patch', 'whole']),
    new OA\Property(property: 'recipe_id', type: 'string', nullable: true),
    new OA\Property(property: 'application_id', description: 'The logged round that did it.', type: 'string', nullable: true),
    new OA\Property(property: 'fraction', description: 'Of the full strength, above 0 up to 1.', type: 'number', nullable: true),
    new OA\Property(property: 'leaves', type: 'integer', nullable: true),
    new OA\Property(property: 'put_on_at', description: 'In the garden\'s time zone, like 2026-05-02T19:30; now if left out.', type: 'string', nullable: true),
    new OA\Property(property: 'score', description: '0 none to 10 dead; left out where it is still to be looked at.', type: 'number', nullable: true),
    new OA\Property(property: 'note', type: 'string', nullable: true),
])]
final class LookRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(LookKind::class)],
            'recipe_id' => ['nullable', 'required_without:application_id', 'string'],
            'application_id' => ['nullable', 'string'],
            'fraction' => ['nullable', 'numeric', 'gt:0', 'max:1'],
            'leaves' => ['nullable', 'integer', 'between:1,1000'],
            'put_on_at' => ['nullable', 'date_format:Y-m-d\TH:i'],
            'score' => ['nullable', 'numeric', 'between:0,10'],
            'note' => ['nullable', 'string', 'max:5000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind' => 'Say whether it was a few leaves or the whole plant.',
            'recipe_id' => 'Choose the recipe, or the entry of the notebook, that was on the leaves.',
            'fraction' => 'The part of the full strength must be above 0 and up to 1, like 0.5.',
            'leaves' => 'How many leaves must be a whole number, like 4.',
            'put_on_at' => 'This is not a day and time: write it like 2026-05-02T19:30.',
            'score' => 'The injury must be a number from 0 (none) to 10 (dead), like 2.',
            'note' => 'The note is too long: keep it under 5000 characters.',
        ];
    }

    /** UTC */
    public function putOnAt(Garden $garden): CarbonImmutable
    {
        $at = $this->filled('put_on_at') ? CarbonImmutable::parse($this->string('put_on_at')->toString(), $garden->time_zone) : $garden->now();
        if ($at->isAfter($garden->now()->addMinutes(5))) {
            throw ValidationException::withMessages(['put_on_at' => 'This is still to come: write it down when it is done.']);
        }

        return $at->utc();
    }

    public function score(): ?float
    {
        return $this->filled('score') ? (float) $this->input('score') : null;
    }

    public function fraction(): float
    {
        return $this->filled('fraction') ? (float) $this->input('fraction') : 1.0;
    }

    public function note(): ?string
    {
        return $this->filled('note') ? $this->string('note')->toString() : null;
    }
}
