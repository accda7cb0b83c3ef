<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Steps;

use Nebbia\Core\Data\Sentence\Message;

/** One thing to do while mixing, with its amounts and the cautions that belong to it. */
final readonly class MixingStep
{
    /**
     * @param  list<Message>  $cautions
     * @param  list<int>  $lines  of the recipe that go in by it
     */
    private function __construct(
        public string $kind,
        public Message $what,
        public ?Message $how,
        public array $cautions,
        public array $lines,
        public ?Timer $timer,
        /** mL that come into the vessel by it. */
        public float $pouredMl,
    ) {}

    /**
     * @param  list<Message>  $cautions
     * @param  list<int>  $lines
     */
    public static function of(
        string $kind,
        Message $what,
        ?Message $how = null,
        array $cautions = [],
        array $lines = [],
        ?Timer $timer = null,
        float $pouredMl = 0.0,
    ): self {
        return new self($kind, $what, $how, $cautions, $lines, $timer, $pouredMl);
    }
}
