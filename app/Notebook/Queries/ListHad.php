<?php

declare(strict_types=1);

namespace App\Notebook\Queries;

use App\Models\Garden;
use App\Notebook\Resources\NeverChoiceResource;
use App\Pantry\Household;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Mixing\Recipe\RecipeLine;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\OwnIngredients;

/** What a planting has had of late, each thing once. */
final readonly class ListHad
{
    public function __construct(private Household $household) {}

    /**
     * @param  int  $sprays  how many back
     * @return list<NeverChoiceResource> the newest first, without water
     */
    public function __invoke(Garden $garden, string $plantingId, int $sprays): array
    {
        $bodies = $garden->applications()->toBase()
            ->whereRaw('exists (select 1 from json_each(applications.planting_ids) as one where one.value = ?)', [$plantingId])
            ->limit($sprays)
            ->selectRaw("json_extract(snapshot, '$.recipe') as recipe")
            ->pluck('recipe');
        $had = [];
        foreach ($bodies as $json) {
            foreach ($this->ingredients($garden, is_string($json) ? json_decode($json, true) : null) as $one) {
                $named = OwnIngredients::isOwn($one->id) ? $one->name : $one->id;
                $had[$named] ??= new NeverChoiceResource($named, $one->name);
            }
        }

        return array_values($had);
    }

    /** @return list<Ingredient> none where the recipe of that day cannot be read any more */
    private function ingredients(Garden $garden, mixed $body): array
    {
        if (! is_array($body)) {
            return [];
        }
        try {
            $recipe = $this->household->reader($garden)->read($body);
        } catch (BadInput) {
            return [];
        }
        $all = [...array_map(static fn (RecipeLine $line): Ingredient => $line->ingredient, $recipe->lines), $recipe->liquid];

        return array_values(array_filter($all, static fn (Ingredient $one): bool => $one->group !== 'water'));
    }
}
