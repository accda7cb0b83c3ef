<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Evidence;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** An observation that says nothing. */
final class EvidenceException extends BadInput
{
    public static function score(): self
    {
        return (new self(Message::of('evidence.score')))->at('score');
    }
}
