<?php

declare(strict_types=1);

namespace Nebbia\Core\Target;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;

/** Days from infection to new spores, between the temperatures for which they are known. */
final readonly class Latency
{
    /** @param  list<list<float>>  $atC  °C, shortest, longest days; rising in temperature */
    private function __construct(private array $atC) {}

    public static function fromRow(Row $row): self
    {
        return new self($row->table('at_c'));
    }

    /** Linear between the known temperatures; null outside them, where nothing is known. */
    public function days(float $meanC): ?Interval
    {
        foreach ($this->atC as $n => [$c, $short, $long]) {
            if ($meanC === $c) {
                return Interval::of($short, ($short + $long) / 2, $long);
            }
            $next = $this->atC[$n + 1] ?? null;
            if ($next !== null && $meanC > $c && $meanC < $next[0]) {
                $part = ($meanC - $c) / ($next[0] - $c);
                $low = $short + $part * ($next[1] - $short);
                $high = $long + $part * ($next[2] - $long);

                return Interval::of($low, ($low + $high) / 2, $high);
            }
        }

        return null;
    }
}
