<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Diagnosis;

final readonly class RankedCause
{
    /**
     * @param  string  $cause  a target's id, or Likelihoods::NONE
     * @param  float  $probability  0 to 1
     * @param  list<Clue>  $clues
     */
    public function __construct(public string $cause, public float $probability, public array $clues) {}

    public function isNone(): bool
    {
        return $this->cause === Likelihoods::NONE;
    }
}
