<?php

declare(strict_types=1);

namespace App\Chores\Requests;

use App\Core\Say;
use App\Http\Requests\ReadsAmounts;
use App\Http\Requests\TypedRequest;
use App\Models\Chore;
use App\Models\Garden;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Reading\Often\OftenReader;
use OpenApi\Attributes as OA;

/** A job of the calendar: what, on what, how often, from when, until when. */
#[OA\Schema(schema: 'NewChore')]
final class ChoreRequest extends TypedRequest
{
    use ReadsAmounts;

    /** Plants that one job may be for. */
    private const MOST = 60;

    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'what' => 'In the household\'s words: nettle feed, prune the side shoots.',
        'often' => 'In words: every 2 weeks, every Monday and Thursday, monthly until September.',
        'until' => 'Its end in words, where how often does not say it.',
        'planting_ids' => 'In place of planting_id: a job for each of them, on the same days.',
        'from_above' => 'Whether water goes over the leaves.',
        'starts_on' => 'The first day on which it may be; today if left out.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::in(Chore::KINDS)],
            'what' => ['nullable', 'string', 'max:120'],
            'planting_id' => ['nullable', 'string'],
            'planting_ids' => ['nullable', 'array', 'max:'.self::MOST],
            'planting_ids.*' => ['string', 'distinct'],
            'often' => ['required', 'string', 'max:160'],
            'until' => ['nullable', 'string', 'max:160'],
            'from_above' => ['nullable', 'boolean'],
            'starts_on' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /**
     * @return list<string|null> those that it is for; null where it is for none of them
     *
     * @throws ValidationException if one does not stand in the garden
     */
    public function plantings(Garden $garden): array
    {
        $ids = $this->filled('planting_id') ? [$this->string('planting_id')->toString()] : [];
        foreach ((array) $this->input('planting_ids', []) as $id) {
            $ids[] = is_string($id) ? strtolower($id) : '';
        }
        $ids = array_values(array_unique($ids));
        if ($garden->standing()->whereKey($ids)->count() < count($ids)) {
            throw ValidationException::withMessages([
                $this->filled('planting_id') ? 'planting_id' : 'planting_ids' => Say::it('refused.one-plantings-not'),
            ]);
        }

        return $ids === [] ? [null] : $ids;
    }

    /**
     * @return array<string, mixed> without the planting
     *
     * @throws BadInput if how often, or until when, cannot be read
     */
    public function chore(Garden $garden, OftenReader $often): array
    {
        $kind = $this->string('kind')->toString();
        $what = $this->text('what');
        if ($kind === 'other' && $what === null) {
            throw ValidationException::withMessages(['what' => Say::it('refused.say-which-job')]);
        }
        $starts = $this->text('starts_on') ?? $garden->localNow()->toDateString();
        $read = $often->read($this->string('often')->toString(), $this->text('until') ?? '', $starts, $garden->isSouth());
        $next = $read->days($starts, 1)[0] ?? null;
        // The last day stands as a day: in words it would be another one next year, and so many times are counted from the first.
        $last = $read->times === null ? $read->last : ($read->days($starts, $read->times)[$read->times - 1] ?? null);
        $until = $last ?? $this->text('until');

        return [
            'kind' => $kind,
            'what' => $what ?? Say::it("chore.$kind"),
            'often' => $this->string('often')->toString(),
            'until' => $until,
            'from_above' => $kind === 'water' && $this->boolean('from_above'),
            'starts_on' => $starts,
            'next_on' => $next,
        ];
    }
}
