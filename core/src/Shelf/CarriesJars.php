<?php

declare(strict_types=1);

namespace Nebbia\Core\Shelf;

use Nebbia\Core\Data\BadInput;

/** Reads the preparations that a recipe carries with it: those of a stock that is thinned. */
interface CarriesJars
{
    /**
     * @param  mixed  $list  decoded JSON: nebbia.preparation/1, each with an id
     * @param  Shelf  $shelf  what stands there besides, to be asked where the recipe carries none of that id
     *
     * @throws BadInput naming `preparations.n.…`
     */
    public function carried(mixed $list, Shelf $shelf): Shelf;
}
