<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Hour;

use Nebbia\Core\Data\Severity;

/** Something against spraying in an hour. */
final readonly class Objection
{
    /** @param  array<string, float>  $params */
    private function __construct(
        public string $id,
        /** The hour is out; else it is only a poor one. */
        public bool $forbids,
        public Severity $severity,
        public array $params,
        /** A better part of the day. */
        public string $better,
        /** The more, the graver; what forbids before what does not. */
        public int $weight,
    ) {}

    /** @param  array<string, float>  $params */
    public static function of(string $id, bool $forbids, Severity $severity, array $params, string $better = ''): self
    {
        return new self($id, $forbids, $severity, $params, $better, ($forbids ? 4 : 0) + $severity->rank());
    }
}
