<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Resources\FindingResource;
use App\Bench\Resources\SwapResource;
use App\Models\Garden;
use App\Models\Product;
use App\Pantry\Household;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Substitution\Substitutor;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\Strength;
use Nebbia\Core\Substance\StrengthParser;

/** Puts a bottle from the cupboard, or one that is named, in place of what a line asks for. */
final readonly class SwapBottle
{
    public function __construct(
        private Ingredients $ingredients,
        private Substitutor $substitutor,
        private Mixer $mixer,
        private Household $household,
        private Catalogue $catalogue,
    ) {}

    /** @throws BadInput naming `recipe.…`, `line`, `ingredient` or `strength` */
    public function __invoke(
        Garden $garden,
        mixed $body,
        ?int $line,
        ?Product $product,
        string $ingredient,
        ?string $strength,
    ): SwapResource {
        try {
            $recipe = $this->household->reader($garden)->read($body);
        } catch (BadInput $e) {
            throw $e->under('recipe');
        }
        try {
            $with = $product === null ? $this->ingredients->named($ingredient) : $product->bottle()->ingredient;
            $stated = $product === null ? $strength : $product->strength;
            $field = 'strength';
            $is = $stated === null ? Strength::usual($with) : StrengthParser::parse($stated, $with);
        } catch (BadInput $e) {
            throw $e->at($field ?? 'ingredient');
        }
        $swap = $this->substitutor->with($this->mixer->with($this->household->own($garden)))->swap($recipe, $line, $with, $is, $stated);

        return new SwapResource(
            $swap->recipe->toArray(),
            array_map(fn (Finding $finding): FindingResource => FindingResource::of($finding, $this->catalogue), $swap->findings),
        );
    }
}
