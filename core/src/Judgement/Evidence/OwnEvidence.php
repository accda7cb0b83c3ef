<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Evidence;

/** All that was seen on one planting. */
final readonly class OwnEvidence
{
    /** @param  list<Observation>  $observations */
    public function __construct(public array $observations = []) {}

    /** @return list<Observation> of a spray with this substance in it */
    public function of(string $substance): array
    {
        return array_values(
            array_filter($this->observations, static fn (Observation $one): bool => ($one->strengths[$substance] ?? 0.0) > 0.0),
        );
    }
}
