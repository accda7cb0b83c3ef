<?php

declare(strict_types=1);

namespace App\Pantry\Requests;

use App\Core\Say;
use App\Http\Requests\ReadsAmounts;
use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\Home\TypedSize;
use Nebbia\Core\Measure\Vessel\Vessel;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewSprayer')]
final class SprayerRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'version' => 'The version that was seen; only where one is changed.',
        'capacity' => 'As typed: "2 L", "1/2 gal".',
        'usable_fraction' => 'How full it may be.',
        'ten_squeezes' => 'What ten squeezes come to, as typed.',
        'one_minute' => 'What comes out in a minute, as typed.',
    ];

    use ReadsAmounts;

    /** How full a sprayer may be where nobody says. */
    private const USUAL_FILL = 0.85;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => [$this->isMethod('put') ? 'required' : 'nullable', 'integer'],
            'name' => ['required', 'string', 'max:120'],
            'capacity' => ['required', 'string', 'max:80'],
            'usable_fraction' => ['nullable'],
            'material' => ['nullable', 'string', 'max:80'],
            'dedicated_to' => ['nullable', 'string', 'max:120'],
            'finest_passage_mm' => ['nullable', 'string', 'max:20'],
            'ten_squeezes' => ['nullable', 'string', 'max:80'],
            'one_minute' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** mm; a bare number is millimetres. */
    private function passage(): ?float
    {
        if (! $this->filled('finest_passage_mm')) {
            return null;
        }
        $cm = TypedSize::length($this->string('finest_passage_mm')->toString(), 0.1);

        return $cm !== null && $cm >= 0.0
            ? round($cm * 10.0, 4)
            : throw ValidationException::withMessages(['finest_passage_mm' => Say::it('refused.finest-passage-number')]);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws BadInput
     */
    public function row(Garden $garden): array
    {
        $fraction = $this->number('usable_fraction', Say::it('refused.usable-part-number')) ?? self::USUAL_FILL;
        $name = $this->string('name')->toString();
        $passage = $this->passage();
        try {
            $capacity = $this->millilitres('capacity', $garden) ?? 0.0;
            $vessel = Vessel::of($name, $capacity, $fraction, null, $passage);
        } catch (BadInput $e) {
            throw $e->at(($capacity ?? 0.0) > 0.0 ? 'usable_fraction' : 'capacity');
        }
        $squeezes = $this->millilitres('ten_squeezes', $garden);

        return [
            'name' => $name,
            'capacity_ml' => $vessel->capacityMl,
            'usable_fraction' => $vessel->usableFraction,
            'material' => $this->text('material'),
            'dedicated_to' => $this->text('dedicated_to'),
            'finest_passage_mm' => $passage,
            'ml_per_squeeze' => $squeezes === null ? null : $squeezes / 10,
            'ml_per_minute' => $this->millilitres('one_minute', $garden),
        ];
    }
}
