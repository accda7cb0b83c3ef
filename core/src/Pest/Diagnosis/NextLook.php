<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Diagnosis;

/** The one next look that is expected to tell most. */
final readonly class NextLook
{
    /** @param  float  $gainBits  expected information gain, ≥ 0 */
    public function __construct(public Sign $sign, public float $gainBits) {}
}
