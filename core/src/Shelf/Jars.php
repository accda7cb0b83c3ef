<?php

declare(strict_types=1);

namespace Nebbia\Core\Shelf;

/** A shelf whose preparations are all at hand. */
final readonly class Jars implements Shelf
{
    /** @param  array<string, OnShelf>  $jars  by id */
    public function __construct(private array $jars = [], private ?Shelf $besides = null) {}

    /** The same, with another shelf behind it. */
    public function beside(Shelf $shelf): self
    {
        return new self($this->jars, $shelf);
    }

    public function find(string $id): ?OnShelf
    {
        return $this->jars[$id] ?? $this->besides?->find($id);
    }

    public function and(OnShelf $jar): self
    {
        return new self([...$this->jars, $jar->id => $jar], $this->besides);
    }
}
