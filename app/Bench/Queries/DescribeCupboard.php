<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Resources\CostResource;
use App\Bench\Resources\OfferResource;
use App\Core\Say;
use App\Models\Garden;
use Nebbia\Core\Mixing\Pantry\Cupboard;
use Nebbia\Core\Mixing\Pantry\Draw;
use Nebbia\Core\Mixing\Substitution\Substitutor;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Strength;

/** What the cupboard holds for a recipe, and what that costs, in words. */
final readonly class DescribeCupboard
{
    public function __construct(private Substitutor $substitutor) {}

    /** @return list<OfferResource> the same as is asked for first */
    public function offers(Ingredient $ingredient, Strength $strength, Cupboard $cupboard): array
    {
        $offers = [];
        foreach ($cupboard->products as $product) {
            if ($this->substitutor->mayStandIn($ingredient, $product->ingredient)) {
                $isSame =
                    $product->ingredient->id === $ingredient->id &&
                    abs($product->strength->grams->likely - $strength->grams->likely) < 0.005 * $strength->grams->likely;
                $offers[] = new OfferResource(
                    $product->id,
                    $product->name,
                    $product->stated ?? Say::it('cupboard.strength-not-written'),
                    $isSame,
                );
            }
        }
        usort($offers, static fn (OfferResource $a, OfferResource $b): int => $b->is_same <=> $a->is_same);

        return $offers;
    }

    /** @param  list<Draw>  $draws */
    public function cost(array $draws, int $rounds, Garden $garden): CostResource
    {
        $cost = 0.0;
        $isWhole = true;
        foreach ($draws as $draw) {
            $isWhole = $isWhole && ($draw->cost !== null || $draw->ingredient === 'water');
            $cost += ($draw->cost ?? 0.0) * $rounds;
        }

        return new CostResource($cost, self::money($cost, $garden), $isWhole);
    }

    public static function money(float $amount, Garden $garden): string
    {
        return $amount > 0.0 && $amount < 0.01
            ? 'under 0.01 '.$garden->currency
            : number_format($amount, 2, '.', '').' '.$garden->currency;
    }
}
