<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Diagnosis;

use Nebbia\Core\Data\Table;
use Nebbia\Core\Data\UnknownName;

/** All signs, by id. */
final class Signs
{
    /** @var array<string, Sign> */
    private array $made = [];

    public function __construct(private readonly Table $signs) {}

    /** @throws UnknownName if there is no such sign */
    public function of(string $id): Sign
    {
        return $this->made[$id] ??= Sign::fromRow(
            $this->signs->find($id) ?? throw UnknownName::sign($id, $this->signs->names()->nearestId($id)),
        );
    }

    /** @return list<string> */
    public function ids(): array
    {
        return $this->signs->ids();
    }
}
