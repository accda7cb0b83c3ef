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
        $id = $this->ingredients->idOf($name) ?? throw UnknownName::ingredient($name, $this->meant($name));
        $row = $this->ingredients->row($id);
        $substance = $row->has('carries') ? $this->substances->of($row->row('carries')->string('substance')) : null;
        // Of a preparation, what else is in it: grams in 100 mL at its usual strength.
        $others = array_map(
            fn (Row $one): Content => Content::of($this->substances->of($one->string('substance')), $one->interval()->times(0.01)),
            array_values($row->rows('with')),
        );

        return $this->made[$id] ??= Ingredient::fromRow($row, $substance, $others);
    }

    /** What may be meant by a name with a slip of the finger in it; never what hurts. */
    private function meant(string $name): ?string
    {
        $slip = $this->ingredients->names()->slip($name);

        return $slip === null || $this->named($slip)->substance?->isHarsh === true ? null : $slip;
    }

    /**
     * Liquid soaps and solid ones are one family.
     *
     * @throws UnknownName if there is no such ingredient by any name
     */
    public function familyOf(string $name): string
    {
        return explode('-', $this->named($name)->group)[0];
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
