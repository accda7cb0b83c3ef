<?php

declare(strict_types=1);

namespace Nebbia\Core\Target;

use Nebbia\Core\Knowledge\Row;
use Nebbia\Core\Measure\Interval;

/** The level below which watching is the better choice. */
final readonly class WatchLevel
{
    private function __construct(
        public Measure $measure,
        public Interval $level,
        public string $basis,
        public string $sure,
    ) {}

    public static function fromRow(Row $row): self
    {
        return new self(Measure::from($row->string('measure')), $row->interval(), $row->string('basis'), $row->string('sure'));
    }
}
