<?php

declare(strict_types=1);

namespace App\Scouting\Requests;

use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use App\Models\Planting;
use Illuminate\Validation\Rule;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Pest\Diagnosis\Answers;
use Nebbia\Core\Pest\Diagnosis\DiagnosisCircumstances;
use Nebbia\Core\Pest\Diagnosis\RecentWeather;
use Nebbia\Core\Pest\Diagnosis\Season;
use Nebbia\Core\Pest\Diagnosis\Signs;
use Nebbia\Core\Plant\Plants;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Scout')]
class ScoutRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'present' => 'Signs that are there.',
        'absent' => 'Signs that were looked for and are not there.',
        'skipped' => 'Signs that could not be looked at; not asked for again.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'planting_id' => ['nullable', 'string'],
            'present' => ['present', 'array', 'max:200'], 'present.*' => ['string', 'max:80'],
            'absent' => ['present', 'array', 'max:200'], 'absent.*' => ['string', 'max:80'],
            'skipped' => ['array', 'max:200'], 'skipped.*' => ['string', 'max:80'],
            'weather' => ['array', 'max:4'], 'weather.*' => [Rule::enum(RecentWeather::class)],
        ] + $this->ownRules();
    }

    /** @return array<string, list<mixed>> */
    protected function ownRules(): array
    {
        return [];
    }

    public function planting(Garden $garden): ?Planting
    {
        return $this->filled('planting_id') ? $garden->plantings()->findOrFail($this->string('planting_id')->toString()) : null;
    }

    /** @throws BadInput */
    public function answers(Signs $signs): Answers
    {
        return Answers::of($signs, $this->ids('present'), $this->ids('absent'), $this->ids('skipped'));
    }

    /** @throws BadInput */
    public function circumstances(Plants $plants, Garden $garden, ?Planting $planting): DiagnosisCircumstances
    {
        $month = $garden->localNow()->month;

        return DiagnosisCircumstances::of(
            $planting === null ? null : $planting->met(),
            $planting?->indoors,
            Season::of($month, $garden->isSouth()),
            array_map(RecentWeather::from(...), $this->ids('weather')),
        );
    }

    /** @return list<string> */
    protected function ids(string $field): array
    {
        return array_values(array_filter($this->array($field), is_string(...)));
    }
}
