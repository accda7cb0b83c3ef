<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

use Nebbia\Core\Data\Table;
use Nebbia\Core\Data\UnknownName;

/** All kinds of plants, by id or any other name. */
final class Plants
{
    /** @var array<string, Plant> */
    private array $made = [];

    public function __construct(
        private readonly Table $plants,
        private readonly Table $plantFamilies,
        private readonly Table $plantHabits,
    ) {}

    /** @throws UnknownName if there is no such plant by any name */
    public function named(string $name): Plant
    {
        $id = $this->plants->idOf($name) ?? throw UnknownName::plant($name, $this->plants->names()->nearest($name));

        return $this->made[$id] ??= $this->make($id);
    }

    /** @return list<string> */
    public function ids(): array
    {
        return $this->plants->ids();
    }

    private function make(string $id): Plant
    {
        $row = $this->plants->row($id);
        $above = [$this->plantHabits->row($row->string('habit'))];
        $family = $this->plantFamilies->find($row->string('family'));

        return Plant::fromRow($row, $family === null ? $above : [$family, ...$above]);
    }
}
