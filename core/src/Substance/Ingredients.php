<?php

declare(strict_types=1);

namespace Nebbia\Core\Substance;

use Nebbia\Core\Data\Names;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Data\UnknownName;

/** All ingredients, by id or any other name. */
final class Ingredients
{
    /** @var array<string, Ingredient> */
    private array $made = [];

    public function __construct(private readonly Table $ingredients, private readonly Substances $substances) {}

    /** @throws UnknownName if there is no such ingredient by any name */
    public function named(string $name): Ingredient
    {
        if (isset($this->made[$name])) {
            return $this->made[$name];
        }
        $id = $this->ingredients->idOf($name) ?? throw UnknownName::ingredient($name, $this->ingredients->names()->nearest($name));
        $row = $this->ingredients->row($id);
        $substance = $row->has('carries') ? $this->substances->of($row->row('carries')->string('substance')) : null;
        // Of a preparation, what else is in it: grams in 100 mL at its usual strength.
        $others = array_map(fn (Row $one): Content => Content::of($this->substances->of($one->string('substance')), $one->interval()->times(0.01)), array_values($row->rows('with')));

        return $this->made[$id] ??= Ingredient::fromRow($row, $substance, $others);
    }

    /** @return list<string> */
    public function ids(): array
    {
        return $this->ingredients->ids();
    }

    public function names(): Names
    {
        return $this->ingredients->names();
    }
}
