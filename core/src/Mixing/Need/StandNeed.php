<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Need;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Message;

/** What one stand of plants takes, and why that is thought. */
final readonly class StandNeed
{
    private function __construct(
        public string $name,
        /** mL of one plant; null where the ground counts. */
        public ?Interval $each,
        /** mL of all. */
        public Interval $total,
        public Message $because,
        public string $basis,
        public string $sure,
    ) {}

    public static function of(string $name, ?Interval $each, Interval $total, Message $because, string $basis, string $sure): self
    {
        return new self($name, $each, $total, $because, $basis, $sure);
    }
}
