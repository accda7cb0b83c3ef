<?php

declare(strict_types=1);

namespace App\Pantry\Requests;

use App\Http\Requests\ReadsAmounts;
use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\Tool\Calibration;
use Nebbia\Core\Measure\Tool\MeasuringException;
use Nebbia\Core\Nebbia\Nebbia;
use Nebbia\Core\Substance\Ingredients;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewOwnMeasure')]
final class OwnMeasureRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'unit' => 'drop, squeeze, handful …',
        'ingredient' => 'What it was measured with; of anything if left out.',
        'count' => 'How many were measured together.',
        'totals' => 'What they came to, each time, as typed.',
        'step' => 'The smallest step that can be read, as typed.',
    ];

    use ReadsAmounts;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => [$this->isMethod('put') ? 'required' : 'nullable', 'integer'],
            'unit' => ['required', 'string', 'max:32'],
            'ingredient' => ['nullable', 'string', 'max:80'],
            'count' => ['required', 'integer'],
            'totals' => ['required', 'array', 'max:10'],
            'totals.*' => ['nullable', 'string', 'max:80'],
            'step' => ['nullable', 'string', 'max:80'],
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws BadInput naming the field
     */
    public function row(Garden $garden): array
    {
        $unit = $this->string('unit')->toString();
        if (
            ! in_array(
                $unit,
                array_map(static fn ($row): string => $row->string('unit'), app(Nebbia::class)->table('calibrated')->rows()),
                true,
            )
        ) {
            throw MeasuringException::notCalibrated($unit);
        }
        try {
            $name = $this->text('ingredient');
            $ingredient = $name === null ? null : app(Ingredients::class)->named($name)->id;
        } catch (BadInput $e) {
            throw $e->at('ingredient');
        }
        $isText = static fn (mixed $text): bool => is_string($text) && trim($text) !== '';
        $texts = array_values(array_filter($this->array('totals'), $isText));
        $read = $this->amount('step', $garden);
        $step = $read === null ? 0.0 : $read->inBase()->likely;
        try {
            $totals = array_map(
                static fn (mixed $text): Amount => app(AmountParser::class)->parse(is_string($text) ? $text : '', $garden->units),
                $texts,
            );
            $calibration = Calibration::of($unit, $ingredient, $this->integer('count'), $totals, $step);
        } catch (BadInput $e) {
            throw $e->at('totals');
        }

        return [
            'unit' => $unit,
            'ingredient' => $ingredient,
            'count' => $this->integer('count'),
            'totals' => $texts,
            'step' => $step,
            'low' => $calibration->one->low,
            'likely' => $calibration->one->likely,
            'high' => $calibration->one->high,
            'is_weighed' => $calibration->isWeighed,
        ];
    }
}
