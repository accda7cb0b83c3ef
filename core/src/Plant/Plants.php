<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

use Nebbia\Core\Data\NameOfSeveral;
use Nebbia\Core\Data\Names;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Data\UnknownName;

/** All kinds of plants, by id or any other name. */
final class Plants
{
    /** The kind of what nothing is known of. */
    public const UNKNOWN = 'unknown-plant';

    private const LONGEST_NAME = 60;

    /** @var array<string, Plant> */
    private array $made = [];

    public function __construct(
        private readonly Table $plants,
        private readonly Table $plantFamilies,
        private readonly Table $plantHabits,
        private readonly PlantFinder $finder,
    ) {}

    /** @throws UnknownName if there is no such plant by any name */
    public function named(string $name): Plant
    {
        $id = $this->plants->idOf($name) ?? throw UnknownName::plant($name, $this->plants->names()->nearest($name));

        return $this->of($id);
    }

    /**
     * Whatever people call a plant: what nothing is known of is carried by its name and counts as sensitive.
     *
     * @param  string|null  $kind  id of a kind of kinds that it is, where nothing is known of its name
     *
     * @throws NameOfSeveral if several kinds go by that name
     * @throws UnknownName if it is a known name with a slip of the finger in it, and no kind is given
     */
    public function met(string $name, ?string $kind = null): Plant
    {
        $called = mb_substr(trim(mb_scrub($name)), 0, self::LONGEST_NAME);
        if (preg_match('/\p{L}/u', $called) !== 1) {
            throw UnknownName::plant($called, null);
        }
        $found = $this->finder->find($called);
        if (count($found->ids) > 1 && $found->isWhole && $kind === null) {
            throw NameOfSeveral::plant($called, array_map(fn (string $id): string => $this->of($id)->name, $found->ids));
        }
        $given = $kind === null ? null : $this->plants->find($kind);
        $slip = $found->ids === [] && $given === null ? $this->plants->names()->slip($called) : null;
        if ($slip !== null) {
            throw UnknownName::plant($called, $slip);
        }
        if ($found->ids === [] || count($found->ids) > 1) {
            return $this->of($given === null ? self::UNKNOWN : $given->string('id'))->called($called);
        }
        $plant = $this->of($found->ids[0]);
        if ($found->isWhole) {
            return $plant;
        }

        return $given === null ? $plant->kinCalled($called) : $this->of($given->string('id'))->called($called);
    }

    /** Whether a kind is called so, to the letter. */
    public function isName(string $name): bool
    {
        return $this->plants->idOf($name) !== null;
    }

    public function names(): Names
    {
        return $this->plants->names();
    }

    /** Whether a name is one that is known, or known to be several. */
    public function knows(string $name): bool
    {
        $found = $this->finder->find($name);

        return $found->ids !== [] && $found->isWhole;
    }

    /** @return list<string> */
    public function ids(): array
    {
        return $this->plants->ids();
    }

    /** @return list<Plant> kinds of kinds, for what has no kind of its own here */
    public function generic(): array
    {
        return array_values(array_filter(array_map($this->of(...), $this->ids()), static fn (Plant $plant): bool => $plant->isGeneric));
    }

    private function of(string $id): Plant
    {
        return $this->made[$id] ??= $this->make($id);
    }

    private function make(string $id): Plant
    {
        $row = $this->plants->row($id);
        $above = [$this->plantHabits->row($row->string('habit'))];
        $family = $this->plantFamilies->find($row->string('family', ''));

        return Plant::fromRow($row, $family === null ? $above : [$family, ...$above]);
    }
}
