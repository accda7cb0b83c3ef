<?php

declare(strict_types=1);

namespace App\Bench\Requests;

use App\Http\Requests\ReadsAmounts;
use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use App\Models\Planting;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Mixing\Need\Wetting;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NeedRequest', required: ['planting_ids', 'wetting'], properties: [
    new OA\Property(property: 'planting_ids', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'wetting', type: 'string', enum: ['run-off', 'mist', 'drench', 'ground']),
    new OA\Property(property: 'wets', description: 'Whether soap or oil is in it.', type: 'boolean', nullable: true),
    new OA\Property(property: 'ground_m2', description: 'As typed, for open ground.', type: 'string', nullable: true),
])]
final class NeedRequest extends TypedRequest
{
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

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'planting_ids' => 'Choose the plantings from the list.',
            'planting_ids.*' => 'A planting is chosen twice: choose it once.',
            'wetting' => 'Choose how it is put on: to run-off, as a mist, as a drench, or on open ground.',
        ];
    }

    public function wetting(): Wetting
    {
        return Wetting::from($this->string('wetting')->toString());
    }

    public function groundM2(): ?float
    {
        return $this->number('ground_m2', 'How much ground is it? Write a number of square metres, like 12.');
    }

    /** @return Collection<int, Planting> */
    public function plantings(Garden $garden): Collection
    {
        $plantings = $garden->standing()->whereKey($this->array('planting_ids'))->get();
        if ($plantings->count() !== count($this->array('planting_ids'))) {
            throw ValidationException::withMessages(['planting_ids' => 'One of the plantings is not in this garden any more: choose again.']);
        }

        return $plantings;
    }
}
