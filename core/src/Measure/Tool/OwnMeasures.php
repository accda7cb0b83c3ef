<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Tool;

/** A gardener's own drop, squeeze, handful and the like, which stand in for the wide default from then on. */
final readonly class OwnMeasures
{
    /** @param  array<string, Calibration>  $calibrations  "unit" or "unit/ingredient" => what one is */
    private function __construct(private array $calibrations) {}

    /** @param  iterable<Calibration>  $calibrations */
    public static function of(iterable $calibrations): self
    {
        $known = [];
        foreach ($calibrations as $one) {
            $known[self::key($one->unit, $one->ingredient)] = $one;
        }

        return new self($known);
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** The measure made with this very ingredient before the one made with any. */
    public function find(string $unit, string $ingredient): ?Calibration
    {
        return $this->calibrations[self::key($unit, $ingredient)] ?? $this->calibrations[self::key($unit, null)] ?? null;
    }

    private static function key(string $unit, ?string $ingredient): string
    {
        return $ingredient === null ? $unit : "$unit/$ingredient";
    }
}
