<?php

declare(strict_types=1);

namespace Nebbia\Core\Making\OtherUse;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Strength;

/** What disinfects tools, pots and surfaces, from the bottles there are. By its lower end, as whatever is to have an effect. */
final readonly class Disinfecting
{
    /** Strength that is aimed at, in the unit of the row. */
    private const AIM = ['isopropanol' => 70.0, 'ethanol' => 70.0, 'hypochlorite' => 0.5, 'hydrogen-peroxide' => 3.0];

    public function __construct(private Table $tolerances) {}

    /**
     * @param  list<array{Ingredient, Strength}>  $bottles
     * @param  float  $volumeMl  wanted, above zero
     * @return list<DisinfectingMeans>
     */
    public function from(array $bottles, float $volumeMl): array
    {
        $means = [];
        foreach ($this->tolerances->rows('disinfecting') as $row) {
            foreach ($bottles as [$ingredient, $strength]) {
                $substance = $ingredient->substance;
                if (
                    $substance !== null &&
                    in_array($substance->id, $row->strings('substances'), true) &&
                    $ingredient->id !== 'methylated-spirit'
                ) {
                    $means[] = $this->means($row, $ingredient, $strength, $substance->id, $volumeMl);
                }
            }
        }

        return $means;
    }

    private function means(Row $row, Ingredient $ingredient, Strength $strength, string $substance, float $volumeMl): DisinfectingMeans
    {
        $unit = $row->string('unit');
        $content = $unit === '% v/v' && $strength->millilitres !== null ? $strength->millilitres : $strength->grams;
        $least = $row->floats('works')[0] ?? 0.0;
        $aim = min(self::AIM[$substance] ?? $least, 100.0 * $content->low);
        $reaches = 100.0 * $content->low >= $least * (1 - 1e-9);
        // Thinned by what is surely in it, so that it is not too weak.
        $bottle = $reaches ? ($volumeMl * $aim) / (100.0 * $content->low) : null;

        return new DisinfectingMeans(
            $ingredient,
            $strength,
            $reaches ? $aim : $least,
            $unit,
            $bottle,
            $bottle === null ? null : $volumeMl - $bottle,
            $row->string('contact'),
            $content->times(100.0),
            $row->string('basis'),
            $row->string('sure'),
        );
    }
}
