<?php

declare(strict_types=1);

namespace App\Scouting\Requests;

use App\Core\Say;
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

#[OA\Schema(schema: 'NewCount')]
final class CountRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'counted_at' => 'In the garden\'s time zone, like 2026-05-02T19:30; now if left out.',
        'counts' => 'One for each plant looked at: what was counted on all its looked-at leaves together, or a share in %; each as typed.',
    ];

    protected function prepareForValidation(): void
    {
        if (is_array($this->input('counts'))) {
            // A share of a leaf may bear its sign.
            $this->merge([
                'counts' => array_map(
                    static fn (mixed $one): mixed => is_string($one) ? preg_replace('/\s*%$/D', '', Digits::western($one)) : $one,
                    $this->array('counts'),
                ),
            ]);
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
        $at = $this->filled('counted_at')
            ? CarbonImmutable::parse($this->string('counted_at')->toString(), $garden->time_zone)
            : $garden->now();
        if ($at->isAfter($garden->now()->addMinutes(5))) {
            throw ValidationException::withMessages(['counted_at' => Say::it('refused.still-come-count')]);
        }

        return [
            'counted_at' => $at->utc(),
            'measure' => $measure,
            'counts' => $counts,
            'leaves_per_plant' => $leaves,
            'enemies' => $this->string('enemies')->toString() ?: EnemiesSeen::None->value,
            'note' => $this->filled('note') ? $this->input('note') : null,
        ];
    }
}
