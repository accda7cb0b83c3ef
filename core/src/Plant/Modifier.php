<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

use Nebbia\Core\Knowledge\Row;

/** What a stage or a strain does to what a plant bears: a factor on thresholds, or a reason not to spray. */
final readonly class Modifier
{
    /**
     * @param  float|null  $factor  0 to 1.1 on thresholds; null where it is a reason not to spray
     * @param  list<string>  $harsherSubstances  ids for which harsherFactor holds instead
     * @param  list<string>  $stages  at which it holds by itself
     */
    private function __construct(
        public string $id,
        public ?float $factor,
        public ?float $harsherFactor,
        public array $harsherSubstances,
        public array $stages,
        public bool $stops,
        public string $basis,
        public string $sure,
    ) {}

    public static function fromRow(Row $row): self
    {
        $harsher = $row->has('harsher') ? $row->row('harsher') : null;

        return new self(
            $row->string('id'),
            $row->has('factor') ? $row->float('factor') : null,
            $harsher?->float('factor'),
            $harsher?->strings('substances') ?? [],
            $row->strings('stages'),
            $row->bool('stop'),
            $row->string('basis'),
            $row->string('sure'),
        );
    }

    public function holdsAt(Stage $stage): bool
    {
        return in_array($stage->value, $this->stages, true);
    }
}
