<?php

declare(strict_types=1);

namespace Nebbia\Core\Decision;

use Nebbia\Core\Target\Target;
use Nebbia\Core\Target\TargetKind;

/** Which neighbours share a trouble: those to treat on the same day, and those to look at. */
final readonly class SharedRisk
{
    /**
     * @param  list<string>  $sameDay  ids: they have it, or stand in the same zone and are among what it goes to
     * @param  list<string>  $lookAt  ids: what it goes to first, in other zones of the same kind of place
     */
    private function __construct(public array $sameDay, public array $lookAt) {}

    /**
     * @param  list<Neighbour>  $neighbours  without the planting itself
     */
    public static function of(Target $target, string $zone, bool $indoors, array $neighbours): self
    {
        if ($target->likeliness === null || $target->kind === TargetKind::LookAlike) {
            return new self([], []);
        }
        $sameDay = $lookAt = [];
        foreach ($neighbours as $neighbour) {
            $host = $target->likeliness->hostWord($neighbour->plant);
            if ($neighbour->troubled || ($host === 'main' && $neighbour->zone === $zone)) {
                $sameDay[] = $neighbour->id;
            } elseif (($host === 'main' && $neighbour->indoors === $indoors) || ($host === 'some' && $neighbour->zone === $zone)) {
                $lookAt[] = $neighbour->id;
            }
        }

        return new self($sameDay, $lookAt);
    }
}
