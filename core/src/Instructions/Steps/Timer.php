<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Steps;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Message;

/** How long something takes by itself. */
final readonly class Timer
{
    private function __construct(
        public Message $label,
        public Interval $minutes,
    ) {}

    public static function of(Message $label, Interval $minutes): self
    {
        return new self($label, $minutes);
    }
}
