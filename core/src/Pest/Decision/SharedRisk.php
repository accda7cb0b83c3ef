<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision;

use Nebbia\Core\Plant\Plant;
use Nebbia\Core\Target\Target;
use Nebbia\Core\Target\TargetKind;

/** Which neighbours share a trouble: those to treat on the same day, and those to look at. */
final readonly class SharedRisk
{
    /**
     * @param  list<string>  $sameDay  ids: they have it, or stand in the same zone and are kin or named outright among what it goes to
     * @param  list<string>  $lookAt  ids: such plants in other zones of the same kind of place, and what else it may go to in this one
     */
    private function __construct(public array $sameDay, public array $lookAt) {}

    /**
     * @param  Plant  $plant  the one that is troubled
     * @param  list<NeighbourPlanting>  $neighbours  without the planting itself
     */
    public static function of(Target $target, Plant $plant, string $zone, bool $indoors, array $neighbours): self
    {
        $likeliness = $target->likeliness;
        if ($likeliness === null || $target->kind === TargetKind::LookAlike) {
            return new self([], []);
        }
        $sameDay = $lookAt = [];
        foreach ($neighbours as $neighbour) {
            $host = $likeliness->hostWord($neighbour->plant);
            $near = $neighbour->plant->family === $plant->family || $likeliness->namesOutright($neighbour->plant);
            $here = $neighbour->zone === $zone;
            if (! $neighbour->troubled && ! $target->range->jumps($plant, $neighbour->plant)) {
                continue;
            }
            if ($neighbour->troubled || ($here && $near && $host === 'main')) {
                $sameDay[] = $neighbour->id;
            } elseif (
                $host !== 'unlikely' &&
                (($here && ($near || $host === 'main')) || ($near && $host === 'main' && $neighbour->indoors === $indoors))
            ) {
                $lookAt[] = $neighbour->id;
            }
        }

        return new self($sameDay, $lookAt);
    }
}
