<?php

declare(strict_types=1);

namespace Nebbia\Core\Shelf;

/** Where preparations stand, to be asked for by id. */
interface Shelf
{
    /** Null where there is none of that id. */
    public function find(string $id): ?OnShelf;
}
