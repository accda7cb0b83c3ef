<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Resources\RankedRecipeResource;
use App\Models\Garden;
use App\Models\Recipe;
use App\Pantry\Household;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Pest\Remedy;

/** Which of the garden's recipes are sprays of a family. */
final readonly class RankRecipes
{
    public function __construct(private Household $household, private Mixer $mixer) {}

    /** @return list<array{Recipe, Mix}> every recipe of the garden, worked out once */
    public function mixes(Garden $garden): array
    {
        $mixes = [];
        foreach ($garden->recipes as $recipe) {
            try {
                $mixes[] = [$recipe, $this->mixer->mix($this->household->reader($garden)->read($recipe->body))];
            } catch (BadInput) {
                // A recipe kept from before core became stricter is nobody's remedy until it is mended on the bench.
                continue;
            }
        }

        return $mixes;
    }

    /**
     * @param  list<array{Recipe, Mix}>  $mixes
     * @return list<RankedRecipeResource> those written for the target first
     */
    public function of(Remedy $remedy, string $target, array $mixes): array
    {
        $ranked = [];
        foreach ($mixes as [$recipe, $mix]) {
            if ($remedy->isMadeBy($mix)) {
                $ranked[] = new RankedRecipeResource($recipe->id, $recipe->name, in_array($target, $mix->recipe->targets, true));
            }
        }
        usort(
            $ranked,
            static fn (RankedRecipeResource $a, RankedRecipeResource $b): int => [$b->meant_for_it, $a->name] <=> [
                $a->meant_for_it,
                $b->name,
            ],
        );

        return $ranked;
    }
}
