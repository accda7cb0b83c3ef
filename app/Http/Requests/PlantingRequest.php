<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Garden;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Nebbia\Core\BadInput;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Plant\Stage;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewPlanting', required: ['plant', 'number', 'stage'], properties: [
    new OA\Property(property: 'plant', description: 'By any name it goes by.', type: 'string'),
    new OA\Property(property: 'name', type: 'string', nullable: true),
    new OA\Property(property: 'number', type: 'integer'),
    new OA\Property(property: 'stage', type: 'string'),
    new OA\Property(property: 'zone_id', type: 'string', nullable: true),
])]
final class PlantingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'plant' => ['required', 'string', 'max:80'],
            'name' => ['nullable', 'string', 'max:120'],
            'number' => ['required', 'integer', 'between:1,100000'],
            'stage' => ['required', Rule::enum(Stage::class)],
            'zone_id' => ['nullable', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'plant' => 'Which plant is it? Write its name, like tomato or rose.',
            'name' => 'The name is too long: keep it under 120 characters.',
            'number' => 'How many there are must be a whole number above zero, like 3.',
            'stage' => 'Choose one of the stages in the list.',
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws BadInput if core knows no such plant
     */
    public function planting(Garden $garden): array
    {
        try {
            $plant = app(Knowledge::class)->plant($this->string('plant')->toString());
        } catch (BadInput $e) {
            throw $e->at('plant');
        }
        $zone = $garden->zones()->when($this->filled('zone_id'), fn ($zones) => $zones->whereKey($this->input('zone_id')))->firstOrFail();
        $name = trim($this->string('name')->toString());

        return [
            'zone_id' => $zone->id,
            'plant' => $plant->id,
            'name' => $name === '' ? ucfirst($plant->name) : $name,
            'number' => $this->integer('number'),
            'stage' => $this->string('stage')->toString(),
        ];
    }
}
