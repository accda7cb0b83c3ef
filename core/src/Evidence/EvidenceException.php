<?php

declare(strict_types=1);

namespace Nebbia\Core\Evidence;

use Nebbia\Core\BadInput;
use Nebbia\Core\Message\Message;

/** An observation that says nothing. */
final class EvidenceException extends BadInput
{
    public static function score(): self
    {
        return (new self(Message::of('evidence.score')))->at('score');
    }
}
