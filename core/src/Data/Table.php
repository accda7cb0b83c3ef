<?php

declare(strict_types=1);

namespace Nebbia\Core\Data;

/** One file of core/data: a list of rows, or named parts with lists of their own. Each concept is made from its own. */
final class Table
{
    /** @var array<string, Row>|null */
    private ?array $byId = null;

    private ?Names $names = null;

    private function __construct(public readonly string $name, private readonly mixed $contents) {}

    public static function of(string $name, mixed $contents): self
    {
        return new self($name, $contents);
    }

    /** @return array<string, Row> of a table that is a plain list or map of rows, or of the named part */
    public function rows(?string $part = null): array
    {
        return $part === null
            ? Row::of(['row' => $this->contents], "core/data/$this->name.yaml")->rows('row')
            : $this->whole()->rows($part);
    }

    /** One named part that is a single row. */
    public function part(string $name): Row
    {
        return $this->whole()->row($name);
    }

    /** The file as one row of named values. */
    public function whole(): Row
    {
        return Row::of($this->contents, "core/data/$this->name.yaml");
    }

    /** @return list<string> in the order of the file */
    public function ids(): array
    {
        return array_keys($this->byId());
    }

    public function find(string $id): ?Row
    {
        return $this->byId()[$id] ?? null;
    }

    /** @throws BrokenData if there is no row of that id, which other rows may speak of */
    public function row(string $id): Row
    {
        return $this->find($id) ?? throw BrokenData::noSuchRow($id, "core/data/$this->name.yaml", $this->names()->nearestId($id));
    }

    /** @return array<string, Row> */
    public function byId(): array
    {
        if ($this->byId === null) {
            $this->byId = [];
            foreach ($this->rows() as $row) {
                $this->byId[$row->string('id')] = $row;
            }
        }

        return $this->byId;
    }

    /** Ids by every name that people use. */
    public function names(): Names
    {
        return $this->names ??= Names::of(array_values($this->byId()));
    }

    /** By id, which is what programs give, or else by any name; the list of all names is made only for the latter. */
    public function idOf(string $name): ?string
    {
        return $this->find($name) !== null ? $name : $this->names()->find($name);
    }
}
