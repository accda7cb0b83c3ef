<?php

declare(strict_types=1);

namespace App\Notebook\Requests;

use App\Core\Say;
use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use App\Models\LookKind;
use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewLook')]
final class LookRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'application_id' => 'The logged round that did it.',
        'fraction' => 'Of the full strength, above 0 up to 1.',
        'put_on_at' => 'In the garden\'s time zone, like 2026-05-02T19:30; now if left out.',
        'score' => '0 none to 10 dead; left out where it is still to be looked at.',
    ];

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

    /** UTC */
    public function putOnAt(Garden $garden): CarbonImmutable
    {
        $at = $this->filled('put_on_at')
            ? CarbonImmutable::parse($this->string('put_on_at')->toString(), $garden->time_zone)
            : $garden->now();
        if ($at->isAfter($garden->now()->addMinutes(5))) {
            throw ValidationException::withMessages(['put_on_at' => Say::it('refused.still-come-write')]);
        }

        return $at->utc();
    }

    public function score(): ?float
    {
        return $this->filled('score') ? $this->float('score') : null;
    }

    public function fraction(): float
    {
        return $this->filled('fraction') ? $this->float('fraction') : 1.0;
    }

    public function note(): ?string
    {
        return $this->filled('note') ? $this->string('note')->toString() : null;
    }
}
