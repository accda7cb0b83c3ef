<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Garden;
use Illuminate\Foundation\Http\FormRequest;
use Nebbia\Core\BadInput;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Vessel\Vessel;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewSprayer', required: ['name', 'capacity'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'capacity', description: 'As typed: "2 L", "1/2 gal".', type: 'string'),
    new OA\Property(property: 'usable_fraction', type: 'number'),
])]
final class SprayerRequest extends FormRequest
{
    /** How full a sprayer may be where nobody says. */
    private const USUAL_FILL = 0.85;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'capacity' => ['required', 'string', 'max:80'],
            'usable_fraction' => ['nullable', 'numeric'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'The sprayer has no name, or too long a one: write one, like "Pump bottle".',
            'capacity' => 'How much does it hold? Write it like "2 L" or "1/2 gal".',
            'usable_fraction' => 'The usable part must be a number above 0 and up to 1, like 0.85.',
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws BadInput
     */
    public function sprayer(Garden $garden): array
    {
        $fraction = $this->filled('usable_fraction') ? $this->float('usable_fraction') : self::USUAL_FILL;
        $name = $this->string('name')->toString();
        try {
            $capacity = app(AmountParser::class)->parseVolume($this->string('capacity')->toString(), $garden->units)->inBase()->likely;
            $field = 'usable_fraction';
            $vessel = Vessel::of($name, $capacity, $fraction);
        } catch (BadInput $e) {
            throw $e->at($field ?? 'capacity');
        }

        return ['name' => $name, 'capacity_ml' => $vessel->capacityMl, 'usable_fraction' => $vessel->usableFraction];
    }
}
