<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;

/** A mild recipe to begin with, for whoever has none yet. */
final readonly class Starter
{
    private function __construct(
        public string $id,
        /** The family it is of; null where it is for a use that no remedy is. */
        public ?string $remedy,
        public UseOfSpray $use,
        public string $name,
        private Row $metric,
        private Row $us,
    ) {}

    public static function fromRow(Row $row): self
    {
        return new self(
            $row->string('id'),
            $row->has('remedy') ? $row->string('remedy') : null,
            $row->oneOf('use', UseOfSpray::class),
            $row->string('name'),
            $row->row('metric'),
            $row->row('us'),
        );
    }

    /**
     * In spoons and cups where those are what the household measures with.
     *
     * @return array<string, mixed> nebbia.recipe/1
     */
    public function body(UnitSystem $units): array
    {
        $row = $units === UnitSystem::Us ? $this->us : $this->metric;

        return [
            'format' => 'nebbia.recipe/1',
            'name' => $this->name,
            'use' => $this->use->value,
            'units' => $units->value,
            'base' => $row->row('base')->toArray() + ['liquid' => 'water'],
            'ingredients' => array_map(static fn (Row $one): array => $one->toArray(), array_values($row->rows('ingredients'))),
        ];
    }

    /** @return list<string> ingredients beside water that must be in the house */
    public function needs(): array
    {
        $needs = array_map(static fn (Row $one): string => $one->string('ingredient'), array_values($this->metric->rows('ingredients')));
        $liquid = $this->metric->row('base')->string('liquid', 'water');

        return $liquid === 'water' ? $needs : [$liquid, ...$needs];
    }
}
