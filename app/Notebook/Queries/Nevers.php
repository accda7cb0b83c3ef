<?php

declare(strict_types=1);

namespace App\Notebook\Queries;

use App\Models\Garden;
use App\Models\NeverAgain;
use App\Models\Planting;
use Illuminate\Database\Eloquent\Collection;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Judgement\Evidence\SaidNever;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\OwnIngredients;
use WeakMap;

/** What is never to be put on which planting again; asked for once for each garden at hand. */
final class Nevers
{
    /** @var WeakMap<Garden, Collection<int, NeverAgain>> */
    private WeakMap $said;

    public function __construct(
        private readonly Ingredients $ingredients,
        private readonly OwnIngredients $own,
        private readonly Catalogue $catalogue,
    ) {
        $this->said = new WeakMap();
    }

    /** @return list<NeverAgain> the newest first; of this planting, and of all of its kind */
    public function said(Garden $garden, Planting $planting): array
    {
        $all = $this->said[$garden] ??= $garden->nevers()->with('planting')->get();

        return array_values($all->filter(
            static fn (NeverAgain $one): bool => $one->planting_id === $planting->id
                || ($one->whole_kind && $one->planting->plant === $planting->plant
                    && ($one->planting->kind_name ?? '') === ($planting->kind_name ?? '')),
        )->all());
    }

    /** @return list<SaidNever> */
    public function of(Garden $garden, Planting $planting): array
    {
        return array_map($this->inCore(...), $this->said($garden, $planting));
    }

    public function inCore(NeverAgain $one): SaidNever
    {
        return new SaidNever($this->ingredient($one->ingredient), $this->when($one), $one->why);
    }

    public function forget(Garden $garden): void
    {
        unset($this->said[$garden]);
    }

    public function when(NeverAgain $one): string
    {
        return $this->catalogue->hear($one->said_on->format('j F Y'));
    }

    /** What is named so: of core's, or a thing of one's own. */
    public function ingredient(string $named): Ingredient
    {
        $isKnown = in_array($named, $this->ingredients->ids(), true) || $this->ingredients->names()->find($named) !== null;

        return $isKnown ? $this->ingredients->named($named) : $this->own->of($named, null, false, null);
    }
}
