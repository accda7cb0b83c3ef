<?php

declare(strict_types=1);

namespace App\Bench\Requests;

use App\Core\Say;
use App\Http\Requests\ReadsAmounts;
use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use App\Models\Planting;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Measure\Home\TypedSize;
use Nebbia\Core\Mixing\Need\Wetting;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NeedRequest')]
final class NeedRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'wets' => 'Whether soap or oil is in it.',
        'ground_m2' => 'As typed, for open ground: 12, "130 sq ft", "4 x 8 ft".',
    ];

    use ReadsAmounts;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'planting_ids' => ['present', 'array', 'max:200'],
            'planting_ids.*' => ['string', 'distinct'],
            'wetting' => ['required', Rule::enum(Wetting::class)],
            'wets' => ['nullable', 'boolean'],
            'ground_m2' => ['nullable', 'string', 'max:20'],
        ];
    }

    public function wetting(): Wetting
    {
        return Wetting::from($this->string('wetting')->toString());
    }

    public function groundM2(): ?float
    {
        if (! $this->filled('ground_m2')) {
            return null;
        }

        return TypedSize::area($this->string('ground_m2')->toString(), 1.0) ??
            throw ValidationException::withMessages(['ground_m2' => Say::it('refused.how-much-ground')]);
    }

    /** @return Collection<int, Planting> */
    public function plantings(Garden $garden): Collection
    {
        $plantings = $garden->standing()->whereKey($this->array('planting_ids'))->get();
        if ($plantings->count() !== count($this->array('planting_ids'))) {
            throw ValidationException::withMessages(['planting_ids' => Say::it('refused.one-plantings-not')]);
        }

        return $plantings;
    }
}
