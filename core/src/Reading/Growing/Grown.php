<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Growing;

use Nebbia\Core\Plant\Meeting;
use Nebbia\Core\Plant\Plant;
use Nebbia\Core\Plant\Stage;

/** One line of a list of plants: how many of what, and how sure that is. */
final readonly class Grown
{
    public function __construct(
        public int $number,
        /** As it goes into the garden: the kind's name, or what was written of what is not known. */
        public string $name,
        public ?string $variety,
        public Stage $stage,
        public Plant $plant,
        /** What was written, and how it was met. */
        public Meeting $meeting,
    ) {}

    public function more(int $number): self
    {
        return new self($this->number + $number, $this->name, $this->variety, $this->stage, $this->plant, $this->meeting);
    }
}
