<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

/** What the mix goes into: closed when it is in use. */
final readonly class ClosedVessel
{
    private function __construct(
        /** Air over the liquid, mL. */
        public float $headspaceMl,
        public ?string $material,
        public string $name,
    ) {}

    public static function of(float $headspaceMl, ?string $material = null, string $name = ''): self
    {
        return new self(max(0.0, $headspaceMl), $material, $name);
    }
}
