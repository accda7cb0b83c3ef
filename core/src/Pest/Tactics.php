<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest;

use Nebbia\Core\Data\Table;

/** All tactics. */
final readonly class Tactics
{
    /** @var array<string, Tactic> by id */
    public array $all;

    public function __construct(Table $tactics)
    {
        $this->all = array_map(Tactic::fromRow(...), $tactics->byId());
    }
}
