<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

use DateTimeImmutable;
use DateTimeZone;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;

/** How long what was planted, potted or moved is new where it stands: the `lasts` of the state in core/data/modifiers.yaml. */
final readonly class Settling
{
    public int $days;

    public function __construct(Table $modifiers)
    {
        $lasts = array_filter($modifiers->rows('rows'), static fn (Row $row): bool => $row->has('lasts'));
        $this->days = (int) array_values($lasts)[0]->float('lasts');
    }

    /**
     * The day on which it has settled.
     *
     * @param  string  $moved  as 2026-05-02
     */
    public function day(string $moved): string
    {
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $moved, new DateTimeZone('UTC'));

        return $day === false ? $moved : $day->modify("+$this->days days")->format('Y-m-d');
    }

    /** Whether it is new on a day: not before it was moved, and no longer once it has settled. */
    public function isNew(string $moved, string $day): bool
    {
        return $day >= $moved && $day < $this->day($moved);
    }
}
