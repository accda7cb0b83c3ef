<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;

/** The thresholds on leaves by substance. */
final class Thresholds
{
    /** @var array<string, Row> */
    private array $rows = [];

    /** @var array<string, Threshold> */
    private array $made = [];

    private function __construct() {}

    public static function from(Table $tolerances): self
    {
        $thresholds = new self;
        foreach ($tolerances->rows('leaves') as $row) {
            foreach ($row->strings('substances') as $substance) {
                $thresholds->rows[$substance] = $row;
            }
        }

        return $thresholds;
    }

    public function of(string $substance): ?Threshold
    {
        if (! isset($this->rows[$substance])) {
            return null;
        }

        return $this->made[$substance] ??= Threshold::fromRow($this->rows[$substance]);
    }
}
