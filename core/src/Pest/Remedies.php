<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest;

use Nebbia\Core\Data\Table;

/** All families of remedies. */
final readonly class Remedies
{
    /** @var array<string, Remedy> by id */
    public array $all;

    public function __construct(Table $remedies)
    {
        $this->all = array_map(Remedy::fromRow(...), $remedies->byId());
    }
}
