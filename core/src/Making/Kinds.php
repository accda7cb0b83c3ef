<?php

declare(strict_types=1);

namespace Nebbia\Core\Making;

use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Knowledge\Row;

/** All kinds of preparation, by id. */
final readonly class Kinds
{
    /** @param  array<string, Kind>  $all */
    private function __construct(public array $all) {}

    public static function from(Knowledge $knowledge): self
    {
        $methods = [];
        foreach ($knowledge->rows('preparations', 'methods') as $id => $row) {
            $methods[$id] = Method::fromRow($id, $row);
        }
        $all = [];
        foreach ($knowledge->rows('preparations', 'kinds') as $row) {
            $raw = array_map(static fn (Row $one): Raw => Raw::fromRow($one, $knowledge->ingredient($one->string('ingredient'))->isLiquid), array_values($row->rows('raw')));
            $kind = Kind::fromRow($row, $methods[$row->string('method')], $raw);
            $all[$kind->id] = $kind;
        }

        return new self($all);
    }

    /** @throws MakingException if there is no such kind */
    public function get(string $id): Kind
    {
        return $this->all[$id] ?? throw MakingException::noSuchKind($id, array_keys($this->all));
    }

    /** @return list<Kind> ways to make an ingredient at home */
    public function making(string $ingredient): array
    {
        return array_values(array_filter($this->all, static fn (Kind $kind): bool => $kind->makes === $ingredient));
    }
}
