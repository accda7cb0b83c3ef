<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Need;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Plant\Plant;

/**
 * What one plant of a habit takes to run-off, by its height: straight between the heights of the table on logarithms, and with
 * the square of the height beyond them, as leaf area grows.
 */
final readonly class Coverage
{
    /** @param  list<array{float, Interval}>  $table  height in cm, mL; by rising height */
    private function __construct(public string $id, private Row $row, private array $table, public float $unsizedCm) {}

    public static function fromRow(Row $row): self
    {
        $table = [];
        foreach ($row->rows('at') as $at) {
            $table[] = [$at->float('cm'), $at->interval()];
        }

        return new self($row->string('id'), $row, $table, $row->float('unsized'));
    }

    /** How closely it is meant for that plant: 3 by name, 2 by family, 1 by habit, 0 not at all. */
    public function fits(Plant $plant): int
    {
        return match (true) {
            in_array($plant->id, $this->row->strings('plants'), true) => 3,
            in_array($plant->family, $this->row->strings('families'), true) => 2,
            in_array($plant->habit, $this->row->strings('habits'), true) => 1,
            default => 0,
        };
    }

    public function at(float $cm): Interval
    {
        [$first, $last] = [$this->table[0], $this->table[count($this->table) - 1]];
        if ($cm <= $first[0]) {
            return $first[1]->times(($cm / $first[0]) ** 2);
        }
        $below = $first;
        foreach ($this->table as $above) {
            if ($above[0] >= $cm && $above[0] > $below[0]) {
                $share = log($cm / $below[0]) / log($above[0] / $below[0]);
                $between = static fn (float $a, float $b): float => $a * ($b / $a) ** $share;

                return Interval::of(
                    $between($below[1]->low, $above[1]->low),
                    $between($below[1]->likely, $above[1]->likely),
                    $between($below[1]->high, $above[1]->high),
                );
            }
            $below = $above;
        }

        return $last[1]->times(($cm / $last[0]) ** 2);
    }

    /** Where no height is known: the usual one, from the low of the size below to the high of the size above. */
    public function unsized(): Interval
    {
        $low = $high = $this->at($this->unsizedCm);
        foreach ($this->table as [$cm, $ml]) {
            if ($cm < $this->unsizedCm) {
                $low = $ml;
            }
            if ($cm > $this->unsizedCm) {
                $high = $ml;
                break;
            }
        }

        return Interval::of($low->low, $this->at($this->unsizedCm)->likely, $high->high);
    }

    public function basis(): string
    {
        return $this->row->string('basis');
    }

    public function sure(): string
    {
        return $this->row->string('sure');
    }
}
