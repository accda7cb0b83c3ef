<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Garden;
use App\Models\MeasuringTool;
use App\Models\OwnMeasure;
use App\Models\Product;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Measuring\Calibration;
use Nebbia\Core\Measuring\Kit;
use Nebbia\Core\Measuring\MixMeasurer;
use Nebbia\Core\Measuring\OwnMeasures;
use Nebbia\Core\Measuring\Tool;
use Nebbia\Core\Pantry\Cupboard;
use Nebbia\Core\Pantry\Product as Bottle;

/** What a household measures with and has in the cupboard, as core takes it. */
final readonly class Household
{
    public function __construct(private Knowledge $knowledge) {}

    public function own(Garden $garden): OwnMeasures
    {
        return OwnMeasures::of($garden->ownMeasures->map(static fn (OwnMeasure $one): Calibration => $one->calibration())->all());
    }

    public function kit(Garden $garden): Kit
    {
        return Kit::of(array_values($garden->tools->map(static fn (MeasuringTool $tool): Tool => $tool->tool())->all()), system: $garden->units);
    }

    public function measurer(Garden $garden): MixMeasurer
    {
        return new MixMeasurer($this->knowledge, $this->kit($garden), $this->own($garden));
    }

    public function cupboard(Garden $garden): Cupboard
    {
        return new Cupboard(array_values($garden->products->map(static fn (Product $product): Bottle => $product->bottle())->all()));
    }
}
