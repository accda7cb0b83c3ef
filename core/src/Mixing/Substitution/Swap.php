<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Substitution;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Mixing\Recipe\Recipe;

/** A recipe with one bottle in place of another, and what else changes by it. */
final readonly class Swap
{
    /** @param  list<Finding>  $findings */
    private function __construct(
        public Recipe $recipe,
        public array $findings,
    ) {}

    /** @param  list<Finding>  $findings */
    public static function of(Recipe $recipe, array $findings): self
    {
        return new self($recipe, $findings);
    }
}
