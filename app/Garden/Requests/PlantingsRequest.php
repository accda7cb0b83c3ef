<?php

declare(strict_types=1);

namespace App\Garden\Requests;

use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use Nebbia\Core\Data\BadInput;
use OpenApi\Attributes as OA;

/** Several plantings at once, as a list of them was read. */
#[OA\Schema(schema: 'NewPlantings')]
final class PlantingsRequest extends TypedRequest
{
    /** What a list tells of each; the rest is said later, of one at a time. */
    private const FIELDS = ['plant', 'kind', 'name', 'variety', 'number', 'stage', 'indoors'];

    protected const PARTS = ['plantings' => 'ListedPlanting'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['plantings' => ['required', 'array', 'list', 'min:1', 'max:300']] + self::each();
    }

    /** @return array<string, list<mixed>> of each, where a garden begins with them as well */
    public static function each(): array
    {
        $fields = PlantingRequest::fields();
        $rules = [];
        foreach (self::FIELDS as $field) {
            $rules["plantings.*.$field"] = $fields[$field];
        }

        return $rules;
    }

    public function messages(): array
    {
        $messages = [];
        foreach (self::complaints(PlantingRequest::class, (new PlantingRequest())->figures()) as $field => $said) {
            $messages["plantings.*.$field"] = $said;
        }

        return $messages;
    }

    /** @return list<array<string, mixed>> */
    public function plantings(Garden $garden): array
    {
        return self::rows($garden, $this->array('plantings'));
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return list<array<string, mixed>> rows, all in the first zone
     *
     * @throws BadInput naming the line
     */
    public static function rows(Garden $garden, array $given): array
    {
        $zone = $garden->zones()->firstOrFail()->id;

        $rows = [];
        foreach (array_values(array_filter($given, is_array(...))) as $n => $one) {
            $told = array_intersect_key($one, array_flip(self::FIELDS)) + ['indoors' => $garden->indoors];
            try {
                $rows[] = ['zone_id' => $zone] + PlantingRequest::attributesOf($told);
            } catch (BadInput $e) {
                throw $e->under("plantings.$n");
            }
        }

        return $rows;
    }
}
