<?php

declare(strict_types=1);

namespace App\Scouting\Requests;

use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;
use Nebbia\Core\Pest\Tactics;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewTacticUse')]
final class TacticRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'done_at' => 'In the garden\'s time zone; now if left out.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'tactic' => ['required', Rule::in(array_keys(app(Tactics::class)->all))],
            'done_at' => ['nullable', 'date_format:Y-m-d\TH:i'],
            'note' => ['nullable', 'string', 'max:5000'],
        ];
    }

    /** @return array<string, mixed> */
    public function tacticUse(Garden $garden): array
    {
        $at = $this->filled('done_at') ? CarbonImmutable::parse($this->string('done_at')->toString(), $garden->time_zone) : $garden->now();

        return [
            'tactic' => $this->string('tactic')->toString(),
            'done_at' => $at->utc(),
            'note' => $this->filled('note') ? $this->input('note') : null,
        ];
    }
}
