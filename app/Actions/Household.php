<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Garden;
use Nebbia\Core\Ingredient\Strength;
use Nebbia\Core\Ingredient\StrengthParser;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Measure\Interval;
use Nebbia\Core\Measuring\Calibration;
use Nebbia\Core\Measuring\Kit;
use Nebbia\Core\Measuring\MixMeasurer;
use Nebbia\Core\Measuring\OwnMeasures;
use Nebbia\Core\Measuring\Tool;
use Nebbia\Core\Measuring\ToolKind;
use Nebbia\Core\Pantry\Cupboard;
use Nebbia\Core\Pantry\Product as Bottle;

/** What a household measures with and has in the cupboard, as core takes it. Plain rows: the bench asks for them at every key. */
final readonly class Household
{
    public function __construct(private Knowledge $knowledge) {}

    public function own(Garden $garden): OwnMeasures
    {
        return OwnMeasures::of($garden->ownMeasures()->toBase()->get(['unit', 'ingredient', 'low', 'likely', 'high', 'is_weighed'])->map(
            static fn (object $one): Calibration => Calibration::known($one->unit, $one->ingredient, Interval::of($one->low, $one->likely, $one->high), (bool) $one->is_weighed),
        )->all());
    }

    public function kit(Garden $garden): Kit
    {
        return Kit::of(array_values($garden->tools()->toBase()->get(['id', 'name', 'kind', 'size', 'step'])->map(
            static fn (object $row): Tool => Tool::known($row->id, $row->name, ToolKind::from($row->kind), $row->size, $row->step),
        )->all()), system: $garden->units);
    }

    public function measurer(Garden $garden): MixMeasurer
    {
        return new MixMeasurer($this->knowledge, $this->kit($garden), $this->own($garden));
    }

    public function cupboard(Garden $garden): Cupboard
    {
        return new Cupboard(array_values($garden->products()->toBase()->get(['id', 'name', 'ingredient', 'strength', 'size', 'left', 'price', 'density'])->map(function (object $row): Bottle {
            $ingredient = $this->knowledge->ingredient($row->ingredient);

            return Bottle::of(
                $row->id, $row->name, $ingredient, $row->strength === null ? Strength::usual($ingredient) : StrengthParser::parse($row->strength, $ingredient),
                $row->strength, $row->size, $row->left, $row->price, $row->density,
            );
        })->all()));
    }
}
