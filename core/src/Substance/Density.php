<?php

declare(strict_types=1);

namespace Nebbia\Core\Substance;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;

/**
 * Density of an ingredient as poured or spooned, g/mL at 20 °C; for some it depends on their strength.
 */
final readonly class Density
{
    /** @param  list<list<float>>  $table pairs of percent and g/mL, by rising percent */
    private function __construct(
        private Interval $constant,
        private array $table,
    ) {}

    public static function fromRow(Row $row): self
    {
        return $row->has('at')
            ? new self(Interval::exactly(1.0), $row->table('at'))
            : new self($row->interval(), []);
    }

    /** As it was weighed, g/mL. */
    public static function weighed(float $gramsPerMl): self
    {
        return new self(Interval::exactly($gramsPerMl), []);
    }

    /** An extract or a solution, taken as heavy as water. */
    public static function ofWater(): self
    {
        return new self(Interval::exactly(1.0), []);
    }

    /** g/mL where it is known to be that, and no other. */
    public function exactly(): ?float
    {
        return $this->table === [] && $this->constant->isExact() ? $this->constant->likely : null;
    }

    /** @param  float  $percent strength in the ingredient's own percent; linear between the table's points */
    public function at(float $percent): Interval
    {
        if ($this->table === []) {
            return $this->constant;
        }
        $below = $this->table[0];
        foreach ($this->table as $above) {
            if ($above[0] >= $percent) {
                $width = $above[0] - $below[0];
                $share = $width > 0.0 ? ($percent - $below[0]) / $width : 0.0;

                return Interval::exactly($below[1] + $share * ($above[1] - $below[1]));
            }
            $below = $above;
        }

        return Interval::exactly($below[1]);
    }
}
