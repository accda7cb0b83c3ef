<?php

declare(strict_types=1);

namespace App\Rounds\Requests;

use App\Core\Say;
use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Round;
use App\Models\RoundStatus;
use App\Rounds\Resources\RoundResource;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\AmountParser;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'LogBatch')]
final class LogBatchRequest extends TypedRequest
{
    protected const PARTS = ['rounds' => 'SeenRound'];

    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'rounds' => 'That came out of the batch.',
        'planting_ids' => 'That were sprayed; all that were open if left out.',
        'applied_at' => 'In the garden\'s time zone, like 2026-05-02T19:30; now if left out.',
        'volume' => 'What was used, as typed; the planned volume if left out.',
        'left' => 'What is left over, as typed; nothing if left out.',
        'rinsed' => 'Whether the delicate plants were rinsed; null where that was not called for.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'rounds' => ['required', 'array', 'min:1', 'max:30'],
            'rounds.*.id' => ['required', 'string', 'distinct'],
            'rounds.*.version' => ['required', 'integer'],
            'planting_ids' => ['nullable', 'array', 'max:200'],
            'planting_ids.*' => ['string'],
            'applied_at' => ['nullable', 'date_format:Y-m-d\TH:i'],
            'volume' => ['nullable', 'string', 'max:80'],
            'left' => ['nullable', 'string', 'max:80'],
            'rinsed' => ['nullable', 'boolean'],
            'by' => ['nullable', 'string', 'max:80'],
            'note' => ['nullable', 'string', 'max:5000'],
        ];
    }

    /**
     * @return Collection<int, Round> as they were seen, with all that is wanted to log them
     *
     * @throws ValidationException where they cannot come out of one batch, or nothing of them was sprayed
     */
    public function rounds(Garden $garden): Collection
    {
        $seen = collect($this->array('rounds'));
        $rounds = $garden
            ->rounds()
            ->whereKey($seen->pluck('id')->all())
            ->with(['application', ...Round::MIXED])
            ->get();
        if ($rounds->count() !== $seen->count()) {
            throw ValidationException::withMessages(['rounds' => Say::it('refused.one-rounds-not')]);
        }
        foreach ($rounds as $round) {
            $round->refuseStale($this->version($round->id), $this->wanted(), RoundResource::of($round));
            if ($round->status !== RoundStatus::Planned) {
                throw ValidationException::withMessages([
                    'status' => Say::it('refused.round-not-planned', [
                        'number' => (string) $round->number,
                        'status' => $round->status->value,
                    ]),
                ]);
            }
        }
        if (
            $rounds->map(static fn (Round $round): string => $round->remedy()->id.'.'.$round->course->sprayer_id)->unique()->count() > 1
        ) {
            throw ValidationException::withMessages(['rounds' => Say::it('refused.these-rounds-take')]);
        }
        $ids = $this->plantingIds();
        if ($ids !== null) {
            $open = $rounds->flatMap(
                static fn (Round $round): array => $round->open()->map(static fn (Planting $one): string => $one->id)->all(),
            );
            if ($open->isNotEmpty() && $open->intersect($ids)->isEmpty()) {
                throw ValidationException::withMessages(['planting_ids' => Say::it('refused.nothing-chosen-tick')]);
            }
        }

        return $rounds->toBase();
    }

    /** That a round was seen in; 0 where it is not among them. */
    private function version(string $id): int
    {
        foreach ($this->array('rounds') as $round) {
            if (is_array($round) && ($round['id'] ?? null) === $id && is_numeric($round['version'] ?? null)) {
                return (int) $round['version'];
            }
        }

        return 0;
    }

    /** @return list<string>|null */
    public function plantingIds(): ?array
    {
        return $this->has('planting_ids') && $this->input('planting_ids') !== null
            ? array_values(array_filter($this->array('planting_ids'), is_string(...)))
            : null;
    }

    public function appliedAt(Garden $garden): CarbonImmutable
    {
        return $this->filled('applied_at')
            ? CarbonImmutable::parse($this->string('applied_at')->toString(), $garden->time_zone)
            : $garden->now();
    }

    /**
     * @return float|null null where nothing is said: then it is what was planned for what was sprayed
     *
     * @throws BadInput
     */
    public function volumeMl(Garden $garden): ?float
    {
        return $this->filled('volume') ? $this->ml('volume', $garden) : null;
    }

    /** @throws BadInput */
    public function leftMl(Garden $garden): float
    {
        return $this->filled('left') ? $this->ml('left', $garden) : 0.0;
    }

    public function rinsed(): ?bool
    {
        return $this->input('rinsed') === null ? null : $this->boolean('rinsed');
    }

    private function ml(string $field, Garden $garden): float
    {
        $text = $this->string($field)->trim()->toString();
        if ($field === 'left' && preg_match('/^0([.,]0*)?$/', $text) === 1) {
            return 0.0;
        }
        try {
            return app(AmountParser::class)->parseVolume($text, $garden->units)->inBase()->likely;
        } catch (BadInput $e) {
            throw $e->at($field);
        }
    }

    /** @return array<string, mixed> */
    private function wanted(): array
    {
        /** @var array<string, mixed> $wanted */
        $wanted = $this->safe()->all();

        return $wanted;
    }
}
