<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Hour;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Mixing\Mix;

/** When each kind of spray may go out. */
final readonly class SprayWindows
{
    /** @var list<SprayWindow> */
    public array $all;

    /** @var array{float, float} delta T, °C, outside which drops drift or hang: below, above */
    public array $deltaT;

    /** @var list<Row> */
    public array $rows;

    /** Where a plant stands that stands indoors. */
    public Room $room;

    public function __construct(Table $windows)
    {
        $this->rows = array_values($windows->rows('rows'));
        $this->all = array_map(SprayWindow::fromRow(...), $this->rows);
        $pair = $windows->part('delta_t')->floats('avoid');
        $room = $windows->part('room');
        $this->room = new Room($room->float('day'), $room->float('night'), $room->float('humidity'));
        $this->deltaT = [$pair[0] ?? 0.0, $pair[1] ?? INF];
    }

    /**
     * Those that a mix goes by. What none names takes the strictest, for that nothing is known of it is no leave to spray it at any hour;
     * plain water goes out when it likes.
     *
     * @return list<SprayWindow>
     */
    public function for(Mix $mix, bool $onBareWood = false): array
    {
        $named = array_values(
            array_filter(
                $this->all,
                static fn (SprayWindow $window): bool => (! $window->isForBareWood || $onBareWood) && $window->names($mix),
            ),
        );
        $onWood = array_merge(
            ...array_map(static fn (SprayWindow $window): array => $window->isForBareWood ? $window->substances : [], $named),
        );
        if ($onWood !== []) {
            $named = array_values(
                array_filter(
                    $named,
                    static fn (SprayWindow $window): bool => $window->isForBareWood || array_intersect($window->substances, $onWood) === [],
                ),
            );
        }
        if ($named !== [] || $mix->strengths === []) {
            return $named;
        }
        $use = $mix->recipe->use->value;

        return array_values(
            array_filter(
                $this->all,
                // No leaf burns on bare wood, and no bee flies to it: there the hours of winter washes hold for all.
                static fn (SprayWindow $window): bool => $onBareWood
                    ? $window->isForBareWood && in_array($use, $window->uses, true)
                    : in_array($use, $window->fallback, true),
            ),
        );
    }
}
