<?php

declare(strict_types=1);

namespace Nebbia\Core\Chemistry;

use Nebbia\Core\Data\Table;

/** What a tap, rain or a distilled bottle usually gives. */
final readonly class Waters
{
    public function __construct(private Table $chemistry) {}

    /** @throws WaterException if there is no such water */
    public function usual(string $kind = 'tap'): Water
    {
        foreach ($this->chemistry->rows('waters') as $row) {
            if ($row->string('id') === $kind) {
                return Water::of($row->row('hardness')->interval(), $row->row('alkalinity')->interval(), $kind !== 'tap');
            }
        }
        throw WaterException::unknown();
    }
}
