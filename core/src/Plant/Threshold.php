<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

use Nebbia\Core\Data\Row;

/**
 * What leaves bear of one substance, by group: from where to be careful, and where to stop.
 */
final readonly class Threshold
{
    /**
     * @param  array<string, array{float, float|null}>  $limits  group => careful, stop; 0 is "at any strength", null is
     *                                                           "no figure"
     * @param  array{float, float}|null  $works  range in which it does its work
     */
    private function __construct(
        public string $unit,
        public ?string $listedAs,
        private array $limits,
        public ?array $works,
        public string $drench,
        public ?string $note,
        public string $basis,
        public string $sure,
    ) {}

    public static function fromRow(Row $row): self
    {
        $limits = [];
        foreach (SensitivityGroup::cases() as $group) {
            $pair = $row->floats($group->value);
            $limits[$group->value] = [$pair[0] ?? 0.0, $pair[1] ?? null];
        }
        $works = $row->floats('works');

        return new self(
            $row->string('unit'),
            $row->has('listed_as') ? $row->string('listed_as') : null,
            $limits,
            isset($works[0], $works[1]) ? [$works[0], $works[1]] : null,
            $row->string('drench'),
            $row->has('note') ? $row->string('note') : null,
            $row->string('basis'),
            $row->string('sure'),
        );
    }

    public function careful(SensitivityGroup $group): float
    {
        return $this->limits[$group->value][0];
    }

    public function stop(SensitivityGroup $group): ?float
    {
        return $this->limits[$group->value][1];
    }

    /** Whether the likely strength reaches a limit; equal counts as reached. */
    public static function reaches(float $strength, float $limit): bool
    {
        return $strength > 0.0 && $strength >= $limit * (1 - 1e-9);
    }
}
