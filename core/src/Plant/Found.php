<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

/** What a name was found to mean. */
final readonly class Found
{
    /**
     * @param  list<string>  $ids  of kinds of plants
     * @param  bool  $isWhole  nothing telling was left over; otherwise it is some kin of it
     */
    public function __construct(public array $ids, public bool $isWhole) {}
}
