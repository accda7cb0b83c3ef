<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Pantry;

use Brick\Math\BigRational;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Measure\Unit;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Recipe\RecipeLine;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Strength;

/** All products there are: which of them a mix is made from, what that takes out of them, and what it costs. */
final readonly class Cupboard
{
    /** @param  list<Product>  $products */
    public function __construct(public array $products) {}

    /**
     * @param  array<int, string>  $chosen  line => id of the product taken for it
     * @return list<Draw> in the recipe's order, the base last where it is not water
     */
    public function draws(Mix $mix, array $chosen = []): array
    {
        $draws = [];
        foreach ($mix->lines as $n => $worked) {
            // What comes out of a jar comes out of no bottle.
            if ($worked->line->preparation !== null) {
                continue;
            }
            $amount = ($worked->line->isPoured() ? $worked->volumeMl : $worked->massG) ?? 0.0;
            $draws[] = $this->draw($n, $worked->line, $amount, $chosen[$n] ?? null);
        }
        $liquid = $mix->recipe->liquid;
        if ($liquid->substance !== null && $mix->baseMl > 0.0 && $mix->recipe->liquidPreparation === null) {
            $line = RecipeLine::of($liquid, Amount::of(BigRational::one(), Unit::plain(UnitKind::Volume)), $mix->recipe->liquidStrength);
            $draws[] = $this->draw(null, $line, $mix->baseMl, $chosen[-1] ?? null);
        }

        return $draws;
    }

    /**
     * So much of an ingredient, as a making takes it: at its usual strength.
     *
     * @param  float  $amount  mL of a liquid, g of a solid
     */
    public function take(Ingredient $ingredient, float $amount): Draw
    {
        $unit = Unit::plain($ingredient->isLiquid ? UnitKind::Volume : UnitKind::Mass);

        return $this->draw(
            null,
            RecipeLine::of($ingredient, Amount::of(BigRational::one(), $unit), Strength::usual($ingredient)),
            $amount,
            null,
        );
    }

    /** The one of that ingredient with the strength that is asked for, or else one of another strength; the fuller first. */
    public function best(RecipeLine $line): ?Product
    {
        $best = null;
        foreach ($this->products as $product) {
            if (! $product->ingredient->isSame($line->ingredient)) {
                continue;
            }
            $best = $best === null || $this->rank($product, $line) > $this->rank($best, $line) ? $product : $best;
        }

        return $best;
    }

    private function draw(?int $n, RecipeLine $line, float $amount, ?string $chosen): Draw
    {
        $product = $this->find($chosen) ?? $this->best($line);
        $taken = $product === null ? 0.0 : $product->neededFor($line, $amount);

        return new Draw(
            $n,
            $line->ingredient->id,
            $line->ingredient->name,
            $line->isPoured(),
            $amount,
            $product,
            $taken,
            $product?->costOf($taken),
        );
    }

    private function find(?string $id): ?Product
    {
        foreach ($this->products as $product) {
            if ($product->id === $id) {
                return $product;
            }
        }

        return null;
    }

    /** @return array{bool, bool, float} */
    private function rank(Product $product, RecipeLine $line): array
    {
        $isSame =
            abs($product->strength->grams->likely - $line->strength->grams->likely) < 0.02 * max($line->strength->grams->likely, 1e-9);

        return [($product->left ?? 1.0) > 0.0, $isSame, $product->left ?? 0.0];
    }
}
