<?php

declare(strict_types=1);

namespace Nebbia\Core\Shelf;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Substance\Ingredients;

/** All kinds of preparation, by id. */
final readonly class Kinds
{
    /** @param  array<string, Kind>  $all */
    private function __construct(public array $all) {}

    public static function from(Table $preparations, Ingredients $ingredients): self
    {
        $methods = [];
        foreach ($preparations->rows('methods') as $id => $row) {
            $methods[$id] = Method::fromRow($id, $row);
        }
        $all = [];
        foreach ($preparations->rows('kinds') as $row) {
            $raw = array_map(
                static fn (Row $one): Raw => Raw::fromRow($one, $ingredients->named($one->string('ingredient'))->isLiquid),
                array_values($row->rows('raw')),
            );
            $kind = Kind::fromRow($row, $methods[$row->string('method')], $raw);
            $all[$kind->id] = $kind;
        }

        return new self($all);
    }

    /** @throws PreparationException if there is no such kind */
    public function get(string $id): Kind
    {
        return $this->all[$id] ?? throw PreparationException::noSuchKind($id, array_keys($this->all));
    }

    /** @return list<Kind> ways to make an ingredient at home */
    public function making(string $ingredient): array
    {
        return array_values(array_filter($this->all, static fn (Kind $kind): bool => $kind->makes === $ingredient));
    }
}
