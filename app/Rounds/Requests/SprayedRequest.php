<?php

declare(strict_types=1);

namespace App\Rounds\Requests;

use App\Core\Say;
use App\Http\Requests\ReadsAmounts;
use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Recipe;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Target\Targets;
use OpenApi\Attributes as OA;

/** A spray that was done without having been planned. */
#[OA\Schema(schema: 'Sprayed')]
final class SprayedRequest extends TypedRequest
{
    use ReadsAmounts;

    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'planting_ids' => 'What was sprayed, as far as it is written down.',
        'plant' => 'A plant that is not written down yet, as typed; empty for one without a name.',
        'is_plant' => 'Whether it is a plant that is not written down yet.',
        'on' => 'What else it was put on: a path, tools, pots, a ledge.',
        'applied_at' => 'In the garden\'s time zone, like 2026-05-02T19:30; now if left out.',
        'volume' => 'What was used, as typed; what the recipe makes in the sprayer if left out.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'recipe_id' => ['required', 'string'],
            'planting_ids' => ['present', 'array', 'max:200'],
            'planting_ids.*' => ['string', 'distinct'],
            'plant' => ['nullable', 'string', 'max:80'],
            'is_plant' => ['nullable', 'boolean'],
            'on' => ['nullable', 'string', 'max:120'],
            'sprayer_id' => ['nullable', 'string'],
            'target' => ['nullable', 'string', 'max:80'],
            'applied_at' => ['nullable', 'date_format:Y-m-d\TH:i'],
            'volume' => ['nullable', 'string', 'max:80'],
            'by' => ['nullable', 'string', 'max:80'],
            'note' => ['nullable', 'string', 'max:5000'],
        ];
    }

    /** @return Collection<int, Planting> none only where it was put on something else, or on weeds */
    public function plantings(Garden $garden, Recipe $recipe): Collection
    {
        $isSaid = $this->array('planting_ids') !== [] || $this->isNewPlant() || $this->filled('on');
        if (! $isSaid && $recipe->use !== 'weed') {
            throw ValidationException::withMessages(['planting_ids' => Say::it('refused.put-on-what')]);
        }
        $plantings = $garden->standing()->whereKey($this->array('planting_ids'))->get();
        if ($plantings->count() !== count($this->array('planting_ids'))) {
            throw ValidationException::withMessages(['planting_ids' => Say::it('refused.one-plantings-not')]);
        }

        return $plantings->toBase();
    }

    /** Something grows that nobody has written down. */
    public function isNewPlant(): bool
    {
        return $this->boolean('is_plant') || $this->filled('plant');
    }

    public function plantName(): ?string
    {
        return $this->text('plant');
    }

    public function on(): ?string
    {
        return $this->text('on');
    }

    public function by(): ?string
    {
        return $this->text('by');
    }

    public function note(): ?string
    {
        return $this->text('note');
    }

    public function appliedAt(Garden $garden): CarbonImmutable
    {
        $at = $this->filled('applied_at')
            ? CarbonImmutable::parse($this->string('applied_at')->toString(), $garden->time_zone)
            : $garden->now();
        if ($at > $garden->now()->addMinutes(5)) {
            throw ValidationException::withMessages(['applied_at' => Say::it('refused.sprayed-later')]);
        }

        return $at;
    }

    /** @throws BadInput */
    public function volumeMl(Garden $garden): ?float
    {
        return $this->millilitres('volume', $garden);
    }

    /** @throws BadInput */
    public function target(): ?string
    {
        if (! $this->filled('target')) {
            return null;
        }
        try {
            return app(Targets::class)->named($this->string('target')->toString())->id;
        } catch (BadInput $e) {
            throw $e->at('target');
        }
    }
}
