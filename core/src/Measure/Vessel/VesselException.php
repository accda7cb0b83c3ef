<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Vessel;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** A vessel that cannot be, or that does not hold what is asked of it. */
final class VesselException extends BadInput
{
    public static function noCapacity(): self
    {
        return new self(Message::of('vessel.no-capacity'));
    }

    public static function fraction(): self
    {
        return new self(Message::of('vessel.fraction'));
    }

    public static function tooSmall(string $name, float $ml, float $usableMl): self
    {
        return new self(Message::of('vessel.too-small', ['name' => $name, 'ml' => $ml, 'usable' => $usableMl]));
    }

    public static function passage(): self
    {
        return (new self(Message::of('vessel.passage')))->at('finest_passage_mm');
    }
}
