<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Hour;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;

/** When each kind of spray may go out. */
final readonly class SprayWindows
{
    /** @var list<SprayWindow> */
    public array $all;

    /** @var array{float, float} delta T, °C, outside which drops drift or hang: below, above */
    public array $deltaT;

    /** @var list<Row> */
    public array $rows;

    public function __construct(Table $windows)
    {
        $this->rows = array_values($windows->rows('rows'));
        $this->all = array_map(SprayWindow::fromRow(...), $this->rows);
        $pair = $windows->part('delta_t')->floats('avoid');
        $this->deltaT = [$pair[0] ?? 0.0, $pair[1] ?? INF];
    }
}
