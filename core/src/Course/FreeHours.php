<?php

declare(strict_types=1);

namespace Nebbia\Core\Course;

/** When in the week the gardener usually has time, by the garden's clocks. */
final readonly class FreeHours
{
    private const EVERY_DAY = [1, 2, 3, 4, 5, 6, 7];

    /** @param  list<array{list<int>, int, int}>  $spans  days of the week (1 is Monday), first hour, hour at which it ends */
    private function __construct(private array $spans) {}

    /** Between five in the morning and ten at night. */
    public static function usual(): self
    {
        return new self([[self::EVERY_DAY, 5, 22]]);
    }

    /** @param  list<array{list<int>, int, int}>  $spans */
    public static function of(array $spans): self
    {
        return $spans === [] ? self::usual() : new self(array_map(static fn (array $span): array => [$span[0] === [] ? self::EVERY_DAY : $span[0], $span[1], $span[2]], $spans));
    }

    /** The same for all that say the same. */
    public function key(): string
    {
        return implode(';', array_map(static fn (array $span): string => implode(',', $span[0]).".$span[1]-$span[2]", $this->spans));
    }

    /** @param  int  $weekday  1 is Monday */
    public function has(int $weekday, int $hour): bool
    {
        foreach ($this->spans as [$days, $from, $to]) {
            if ($hour >= $from && $hour < $to && in_array($weekday, $days, true)) {
                return true;
            }
        }

        return false;
    }
}
