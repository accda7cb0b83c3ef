<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Evidence;

use Nebbia\Core\Data\Names;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\OwnIngredients;

/** What somebody of the household has said never to put on this plant again. */
final readonly class SaidNever
{
    /**
     * @param  string  $when  in words for a sentence, as 3 May 2026
     * @param  string|null  $why  in their own words
     */
    public function __construct(public Ingredient $ingredient, public string $when, public ?string $why = null) {}

    /** Within a sentence; a name of one's own stays as it was written. */
    public function name(): string
    {
        return OwnIngredients::isOwn($this->ingredient->id) ? $this->ingredient->name : mb_strtolower($this->ingredient->name);
    }

    /** The same stuff by any name: potash soap is soap, whoever said "never soap". Water and what is not known have no kin. */
    public function isIn(Mix $mix): bool
    {
        foreach ([$mix->recipe->liquid, ...array_map(static fn ($one): Ingredient => $one->line->ingredient, $mix->lines)] as $one) {
            if ($one->group !== 'water' && $this->isThat($one)) {
                return true;
            }
        }

        foreach ($mix->strengths as $strength) {
            $isSort = OwnIngredients::isOwn($this->ingredient->id)
                ? $this->isSortOf($strength->substance->name)
                : $strength->substance->id === $this->ingredient->substance?->id;
            if ($isSort) {
                return true;
            }
        }

        return false;
    }

    /** Of things of one's own only the name tells, whether they are poured or weighed; of a whole sort, what a name ends in. */
    private function isThat(Ingredient $one): bool
    {
        if (! OwnIngredients::isOwn($this->ingredient->id)) {
            return $one->isSame($this->ingredient);
        }

        return OwnIngredients::isOwn($one->id)
            ? Names::fold($one->name) === Names::fold($this->ingredient->name)
            : $this->isSortOf($one->name);
    }

    /** "Soap" is said of castile soap, "alcohol" of rubbing alcohol; "tea" is not said of tea tree oil. */
    private function isSortOf(string $name): bool
    {
        return str_ends_with(' '.Names::fold($name), ' '.Names::fold($this->ingredient->name));
    }
}
