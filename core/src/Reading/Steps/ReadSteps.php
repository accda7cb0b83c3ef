<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Steps;

use Nebbia\Core\Reading\Span;
use Nebbia\Core\Reading\Stretch;

/** A paragraph of two steps, read. */
final readonly class ReadSteps
{
    /**
     * @param  array<string, mixed>  $base
     * @param  list<array<string, mixed>>  $lines
     * @param  list<array<string, mixed>>  $preparations
     * @param  list<Span>  $understood
     * @param  list<Span>  $doubts
     * @param  list<Span>  $left
     */
    public function __construct(
        /** The first step; use, targets, plants and rounds of the second are noted there too. */
        public Stretch $making,
        public array $base,
        public array $lines,
        public array $preparations,
        public array $understood,
        public array $doubts,
        public array $left,
    ) {}
}
