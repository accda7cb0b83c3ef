<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Substitution;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** One thing cannot stand in for the other. */
final class SubstitutionException extends BadInput
{
    public static function notKnown(string $from, string $to): self
    {
        return (new self(Message::of('substitute.not-known', ['from' => $from, 'to' => $to])))->at('ingredient');
    }

    public static function doesNotWork(string $why, string $from, string $to): self
    {
        return (new self(Message::of($why, ['from' => $from, 'to' => $to])))->at('ingredient');
    }

    /** @param  float  $most  % of the wanted strength that could be reached */
    public static function tooWeak(string $to, float $most): self
    {
        return (new self(Message::of('substitute.too-weak', ['to' => $to, 'most' => $most])))->at('strength');
    }

    public static function noSuchLine(): self
    {
        return (new self(Message::of('substitute.no-such-line')))->at('line');
    }
}
