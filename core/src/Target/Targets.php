<?php

declare(strict_types=1);

namespace Nebbia\Core\Target;

use Nebbia\Core\Data\Names;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Data\UnknownName;

/** All targets, by id or any other name. */
final class Targets
{
    /** @var array<string, Target> */
    private array $made = [];

    public function __construct(private readonly Table $targets) {}

    /** @throws UnknownName if there is no such target by any name */
    public function named(string $name): Target
    {
        $id = $this->idOf($name) ?? throw UnknownName::target($name, $this->targets->names()->slip($name));

        return $this->made[$id] ??= Target::fromRow($this->targets->row($id));
    }

    /** By any of its names; null where there is none such. */
    public function idOf(string $name): ?string
    {
        return $this->targets->idOf($name);
    }

    /** @return list<string> */
    public function ids(): array
    {
        return $this->targets->ids();
    }

    public function names(): Names
    {
        return $this->targets->names();
    }
}
