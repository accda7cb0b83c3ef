<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;

/** The thresholds on leaves, and on wood that is bare in winter, by substance. */
final class Thresholds
{
    /** @var array<string, Row> */
    private array $rows = [];

    /** @var array<string, Row> only what bare wood bears otherwise */
    private array $bare = [];

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
        foreach ($tolerances->rows('bare') as $row) {
            foreach ($row->strings('substances') as $substance) {
                $thresholds->bare[$substance] = $row;
            }
        }

        return $thresholds;
    }

    /** @return list<string> substances of which bare wood bears otherwise than leaves do */
    public function ofBareWood(): array
    {
        return array_keys($this->bare);
    }

    /** @param  bool  $onBareWood  where it bears otherwise than leaves do */
    public function of(string $substance, bool $onBareWood = false): ?Threshold
    {
        if ($onBareWood && isset($this->bare[$substance])) {
            return $this->made["bare.$substance"] ??= Threshold::fromRow($this->bare[$substance]);
        }
        if (! isset($this->rows[$substance])) {
            return null;
        }

        return $this->made[$substance] ??= Threshold::fromRow($this->rows[$substance]);
    }
}
