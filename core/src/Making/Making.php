<?php

declare(strict_types=1);

namespace Nebbia\Core\Making;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Mixing\Recipe\Recipe;
use Nebbia\Core\Mixing\Recipe\RecipeLine;
use Nebbia\Core\Shelf\Kind;

/** A preparation as it is to be made: what goes in, and what was measured of it since. */
final readonly class Making
{
    /** @param  list<RecipeLine>  $lines  all that goes in beside the liquid */
    private function __construct(
        public string $id,
        public string $name,
        public Kind $kind,
        /** As a recipe whose base is the liquid; null where no liquid goes in at all. */
        public ?Recipe $recipe,
        public array $lines,
        /** mL that came through the cloth, as measured. */
        public ?Interval $strained,
        /** mL it was topped up to with water afterwards. */
        public ?Interval $toppedUp,
        public ?float $ph,
    ) {}

    /** @param  list<RecipeLine>  $lines */
    public static function of(
        string $id,
        string $name,
        Kind $kind,
        ?Recipe $recipe,
        array $lines,
        ?Interval $strained = null,
        ?Interval $toppedUp = null,
        ?float $ph = null,
    ): self {
        return new self($id, $name, $kind, $recipe, $lines, $strained, $toppedUp, $ph);
    }
}
