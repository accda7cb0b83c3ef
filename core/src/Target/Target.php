<?php

declare(strict_types=1);

namespace Nebbia\Core\Target;

use Nebbia\Core\Knowledge\Row;

/** A pest, disease or weed. */
final readonly class Target
{
    private function __construct(
        public string $id,
        public string $name,
        public string $kind,
    ) {}

    public static function fromRow(Row $row): self
    {
        return new self($row->string('id'), $row->string('name'), $row->string('kind'));
    }
}
