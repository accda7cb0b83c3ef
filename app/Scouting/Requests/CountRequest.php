<?php

declare(strict_types=1);

namespace App\Scouting\Requests;

use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\Digits;
use Nebbia\Core\Pest\Count\Sample;
use Nebbia\Core\Pest\Decision\EnemiesSeen;
use Nebbia\Core\Target\CountMeasure;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewCount', required: ['counts'], properties: [
    new OA\Property(property: 'counted_at', description: 'In the garden\'s time zone, like 2026-05-02T19:30; now if left out.', type: 'string', nullable: true),
    new OA\Property(property: 'counts', description: 'One for each plant looked at: what was counted on all its looked-at leaves together, or a share in %; each as typed.', type: 'array', items: new OA\Items(oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'string')])),
    new OA\Property(property: 'leaves_per_plant', type: 'integer', nullable: true),
    new OA\Property(property: 'enemies', type: 'string', enum: ['none', 'some', 'many']),
    new OA\Property(property: 'note', type: 'string', nullable: true),
])]
final class CountRequest extends TypedRequest
{
    protected function prepareForValidation(): void
    {
        if (is_array($this->input('counts'))) {
            // A share of a leaf may bear its sign.
            $this->merge(['counts' => array_map(static fn (mixed $one): mixed => is_string($one) ? preg_replace('/\s*%$/D', '', Digits::western($one)) : $one, $this->array('counts'))]);
        }
        parent::prepareForValidation();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'counted_at' => ['nullable', 'date_format:Y-m-d\TH:i'],
            'counts' => ['required', 'array', 'max:500'],
            'counts.*' => ['required', 'numeric'],
            'leaves_per_plant' => ['nullable', 'integer'],
            'enemies' => ['nullable', Rule::enum(EnemiesSeen::class)],
            'note' => ['nullable', 'string', 'max:5000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'counted_at' => 'This is not a day and time: write it like 2026-05-02T19:30.',
            'counts' => 'Nothing was counted: enter at least one number, 0 where you found none.',
            'counts.*' => 'Each count must be a number, 0 where you found none.',
            'leaves_per_plant' => 'The leaves looked at on each plant must be a whole number, like 4.',
            'enemies' => 'Natural enemies must be none, some or many.',
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws BadInput if core refuses the counts
     */
    public function count(Garden $garden, CountMeasure $measure): array
    {
        $counts = array_map(floatval(...), array_values($this->array('counts')));
        $leaves = $measure === CountMeasure::PerLeaf ? $this->integer('leaves_per_plant', 1) : 1;
        Sample::of($measure, $counts, $leaves);
        $at = $this->filled('counted_at') ? CarbonImmutable::parse($this->string('counted_at')->toString(), $garden->time_zone) : $garden->now();
        if ($at->isAfter($garden->now()->addMinutes(5))) {
            throw ValidationException::withMessages(['counted_at' => 'This is still to come: a count is written down when it is made.']);
        }

        return [
            'counted_at' => $at->utc(), 'measure' => $measure, 'counts' => $counts, 'leaves_per_plant' => $leaves,
            'enemies' => $this->string('enemies')->toString() ?: EnemiesSeen::None->value, 'note' => $this->filled('note') ? $this->input('note') : null,
        ];
    }
}
