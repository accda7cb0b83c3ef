<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;

/** All recipes to begin with. */
final readonly class Starters
{
    /** @var list<Starter> in the order in which they are offered */
    public array $all;

    public function __construct(Table $starters)
    {
        $this->all = array_values(array_map(static fn (Row $row): Starter => Starter::fromRow($row), $starters->rows()));
    }

    /** @return list<Starter> of a family of remedies */
    public function of(Remedy $remedy): array
    {
        return array_values(array_filter($this->all, static fn (Starter $one): bool => $one->remedy === $remedy->id));
    }
}
