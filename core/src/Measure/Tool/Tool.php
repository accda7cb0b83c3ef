<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Tool;

/** Something the gardener owns and measures with. */
final readonly class Tool
{
    /** mL or g: nothing in a kitchen is larger. */
    private const LIMIT = 50_000.0;

    private function __construct(
        public string $id,
        public string $name,
        public ToolKind $kind,
        /** mL it holds; of a scale, the g it bears; 0 of a dropper. */
        public float $size,
        /** Between two marks, mL; of a scale, its resolution in g. */
        public float $step,
    ) {}

    /** @throws MeasuringException if it holds nothing or more than a kitchen does */
    public static function spoon(string $id, string $name, float $ml): self
    {
        return new self($id, $name, ToolKind::Spoon, self::size('size', $ml), 0.0);
    }

    /** @throws MeasuringException if the marks are not smaller than the whole */
    public static function graduated(string $id, string $name, float $ml, float $step): self
    {
        return self::marked($id, $name, ToolKind::Graduated, $ml, $step);
    }

    /** @throws MeasuringException if the resolution is not smaller than what it bears */
    public static function scale(string $id, string $name, float $grams, float $step): self
    {
        return self::marked($id, $name, ToolKind::Scale, $grams, $step);
    }

    /** As it was made before and kept. */
    public static function known(string $id, string $name, ToolKind $kind, float $size, float $step): self
    {
        return new self($id, $name, $kind, $size, $step);
    }

    public static function dropper(string $id, string $name): self
    {
        return new self($id, $name, ToolKind::Dropper, 0.0, 0.0);
    }

    private static function marked(string $id, string $name, ToolKind $kind, float $size, float $step): self
    {
        $step = self::size('step', $step);

        return $step >= self::size('size', $size) ? throw MeasuringException::step() : new self($id, $name, $kind, $size, $step);
    }

    private static function size(string $field, float $size): float
    {
        return $size > 0.0 && $size <= self::LIMIT ? $size : throw MeasuringException::size($field);
    }
}
