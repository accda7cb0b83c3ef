<?php

declare(strict_types=1);

namespace Nebbia\Core\Target;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;

/** The level below which watching is the better choice. */
final readonly class WatchLevel
{
    private function __construct(
        public CountMeasure $measure,
        public Interval $level,
        public string $basis,
        public string $sure,
    ) {}

    public static function fromRow(Row $row): self
    {
        return new self($row->oneOf('measure', CountMeasure::class), $row->interval(), $row->string('basis'), $row->string('sure'));
    }
}
