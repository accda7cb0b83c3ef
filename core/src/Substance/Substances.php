<?php

declare(strict_types=1);

namespace Nebbia\Core\Substance;

use Nebbia\Core\Data\Table;

/** All substances, by id. */
final class Substances
{
    /** @var array<string, Substance> */
    private array $made = [];

    public function __construct(private readonly Table $substances) {}

    public function of(string $id): Substance
    {
        return $this->made[$id] ??= Substance::fromRow($this->substances->row($id));
    }

    /** @param  list<string>  $ids */
    public function names(array $ids): string
    {
        return implode(', ', array_map(fn (string $id): string => $this->of($id)->name, $ids));
    }

    /** @return list<string> */
    public function ids(): array
    {
        return $this->substances->ids();
    }
}
