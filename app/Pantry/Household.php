<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Making\GardenShelf;
use App\Models\Garden;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Making\JarReader;
use Nebbia\Core\Making\Maker;
use Nebbia\Core\Making\MakingReader;
use Nebbia\Core\Making\Soap\SoapStock;
use Nebbia\Core\Measure\Kitchen\Drops;
use Nebbia\Core\Measure\Tool\Calibration;
use Nebbia\Core\Measure\Tool\Kit;
use Nebbia\Core\Measure\Tool\OwnMeasures;
use Nebbia\Core\Measure\Tool\Tool;
use Nebbia\Core\Measure\Tool\ToolKind;
use Nebbia\Core\Mixing\Measuring\MixMeasurer;
use Nebbia\Core\Mixing\Pantry\Cupboard;
use Nebbia\Core\Mixing\Pantry\Product as Bottle;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\Strength;
use Nebbia\Core\Substance\StrengthParser;
use WeakMap;

/**
 * What a household measures with and has in the cupboard, as core takes it. Plain rows, because the bench asks for them at every key, and
 * asked for once for each garden at hand, because a list of rounds asks for each.
 */
final readonly class Household
{
    /** @var WeakMap<Garden, OwnMeasures> */
    private WeakMap $measures;

    /** @var WeakMap<Garden, Kit> */
    private WeakMap $kits;

    /** @var WeakMap<Garden, Cupboard> */
    private WeakMap $cupboards;

    /** @var WeakMap<Garden, GardenShelf> */
    private WeakMap $shelves;

    public function __construct(
        private Ingredients $ingredients,
        private Kinds $kinds,
        private Drops $drops,
        private RecipeReader $reader,
        private MakingReader $makings,
        private Maker $maker,
        private SoapStock $soaps,
        private JarReader $jars,
    ) {
        $this->shelves = new WeakMap();
        $this->measures = new WeakMap();
        $this->kits = new WeakMap();
        $this->cupboards = new WeakMap();
    }

    public function own(Garden $garden): OwnMeasures
    {
        return $this->measures[$garden] ??= OwnMeasures::of(
            $garden
                ->ownMeasures()
                ->toBase()
                ->get(['unit', 'ingredient', 'low', 'likely', 'high', 'is_weighed'])
                ->map(
                    static fn (object $one): Calibration => Calibration::known(
                        $one->unit,
                        $one->ingredient,
                        Interval::of($one->low, $one->likely, $one->high),
                        (bool) $one->is_weighed,
                    ),
                )
                ->all(),
        );
    }

    /** What was made ahead. */
    public function shelf(Garden $garden): GardenShelf
    {
        return $this->shelves[$garden] ??= new GardenShelf(
            $garden,
            $this->kinds,
            $this->ingredients,
            $this->makings,
            $this->maker,
            $this->soaps,
        );
    }

    /** Reads recipes that may take from what this garden has made ahead. */
    public function reader(Garden $garden): RecipeReader
    {
        return $this->reader->with($this->shelf($garden))->carrying($this->jars->at($garden->now()));
    }

    /** After something was changed on the shelf. */
    public function forget(Garden $garden): void
    {
        unset($this->shelves[$garden]);
    }

    public function kit(Garden $garden): Kit
    {
        return $this->kits[$garden] ??= Kit::of(
            array_values(
                $garden
                    ->tools()
                    ->toBase()
                    ->get(['id', 'name', 'kind', 'size', 'step'])
                    ->map(
                        static fn (object $row): ?Tool => ($kind = ToolKind::tryFrom((string) $row->kind)) === null
                            ? null
                            : Tool::known($row->id, $row->name, $kind, $row->size, $row->step),
                    )
                    ->filter()
                    ->all(),
            ),
            system: $garden->units,
        );
    }

    public function measurer(Garden $garden): MixMeasurer
    {
        return new MixMeasurer($this->drops, $this->kit($garden), $this->own($garden));
    }

    public function cupboard(Garden $garden): Cupboard
    {
        return $this->cupboards[$garden] ??= new Cupboard(
            array_values(
                $garden
                    ->products()
                    ->toBase()
                    ->get(['id', 'name', 'ingredient', 'strength', 'size', 'left', 'price', 'density'])
                    ->map(function (object $row): ?Bottle {
                        try {
                            $ingredient = $this->ingredients->named((string) $row->ingredient);
                            $strength =
                                $row->strength === null ? Strength::usual($ingredient) : StrengthParser::parse($row->strength, $ingredient);
                        } catch (BadInput) {
                            // Told of where the bottles are shown; no recipe takes from it.
                            return null;
                        }

                        return Bottle::of(
                            $row->id,
                            $row->name,
                            $ingredient,
                            $strength,
                            $row->strength,
                            $row->size,
                            $row->left,
                            $row->price,
                            $row->density,
                        );
                    })
                    ->filter()
                    ->all(),
            ),
        );
    }
}
