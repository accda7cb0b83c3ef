<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Diagnosis;

/** What one answer says for or against a cause. */
final readonly class Clue
{
    /** A clue this small, in bits, is not worth a word. */
    private const HARDLY = 0.2;

    private const STRONG = 2.0;

    /** @param  float  $bits  log2 of the factor on the odds; below zero it speaks against */
    public function __construct(public Sign $sign, public bool $there, public float $bits) {}

    /** for-strongly, for, hardly, against, against-strongly */
    public function word(): string
    {
        $size = abs($this->bits);
        if ($size < self::HARDLY) {
            return 'hardly';
        }

        return ($this->bits > 0.0 ? 'for' : 'against').($size >= self::STRONG ? '-strongly' : '');
    }
}
