<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

use Brick\Math\BigRational;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;

/**
 * All units by name: what "tbsp" means in the system in force, what "imp pint" means in any.
 */
final class Units
{
    /** @var array<string, Unit> */
    private array $made = [];

    /** @var array<string, string> lower-case name => unit id */
    private array $names = [];

    /** @var array<string, string> lower-case name => generic id */
    private array $genericNames = [];

    /** @var array<string, UnitSystem> */
    private array $qualifiers = [];

    /** @var array<string, Row> */
    private array $rows = [];

    private function __construct(private readonly Row $data) {}

    public static function from(Table $units): self
    {
        return self::fromRow($units->whole());
    }

    public static function fromRow(Row $data): self
    {
        $units = new self($data);
        foreach ($data->rows('units') as $row) {
            $id = $row->string('id');
            $units->rows[$id] = $row;
            foreach ($row->strings('names') as $name) {
                $units->names[$name] = $id;
            }
        }
        $generics = $data->row('generics');
        foreach (array_keys($generics->toArray()) as $generic) {
            foreach ($generics->strings($generic) as $name) {
                $units->genericNames[$name] = $generic;
            }
        }
        $qualifiers = $data->row('qualifiers');
        foreach (array_keys($qualifiers->toArray()) as $system) {
            foreach ($qualifiers->strings($system) as $name) {
                $units->qualifiers[$name] = UnitSystem::from($system);
            }
        }

        return $units;
    }

    public function get(string $id): Unit
    {
        return $this->made[$id] ??= Unit::fromRow($this->rows[$id]);
    }

    /** The unit a gardener calls so, or null. A qualifier in front ("US gal") overrules the system. */
    public function find(string $name, UnitSystem $system): ?Unit
    {
        $name = mb_strtolower($name);
        if ($name === 'tablet' || isset($this->names[$name]) && $this->names[$name] === 'tablet') {
            return Unit::tabletOf($this->tabletGrams($system));
        }
        if (isset($this->names[$name])) {
            $unit = $this->get($this->names[$name]);

            return $this->isGeneric($unit->label) ? $unit->called('metric') : $unit;
        }
        if (isset($this->genericNames[$name])) {
            return $this->generic($this->genericNames[$name], $system);
        }
        [$qualifier, $rest] = [...explode(' ', $name, 2), ''];
        $named = $this->qualifiers[$qualifier] ?? null;

        if ($named === null || ! isset($this->genericNames[$rest])) {
            return null;
        }
        $unit = $this->generic($this->genericNames[$rest], $named);

        return $this->isGeneric($unit->label) ? $unit->called($qualifier === 'us' ? 'US' : $qualifier) : $unit;
    }

    /** Whether a label alone would mean another unit in another system. */
    private function isGeneric(string $label): bool
    {
        return isset($this->genericNames[$label]);
    }

    /** The unit that a generic name (tsp, tbsp, cup, fl-oz, pint, quart, gal) stands for in that system. */
    public function generic(string $generic, UnitSystem $system): Unit
    {
        return $this->get($this->data->row('systems')->row($system->value)->string($generic));
    }

    /** @return list<string> every name that find() knows without a qualifier, lower case */
    public function allNames(): array
    {
        return array_map(strval(...), [...array_keys($this->names), ...array_keys($this->genericNames)]);
    }

    /** @return list<string> words that say whose gallon it is */
    public function allQualifiers(): array
    {
        return array_keys($this->qualifiers);
    }

    /** Whether the system has no measure of its own by that name and borrows another's, which is worth a word. */
    public function isBorrowed(Unit $unit, UnitSystem $system): bool
    {
        $row = $this->data->row('systems')->row($system->value);
        foreach ($row->strings('notice') as $generic) {
            if ($row->string($generic) === $unit->id) {
                return true;
            }
        }

        return false;
    }

    private function tabletGrams(UnitSystem $system): BigRational
    {
        return BigRational::of($this->data->row('systems')->row($system->value)->string('tablet_g'));
    }
}
