<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Count;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

final class CountException extends BadInput
{
    public static function nothingLookedAt(): self
    {
        return new self(Message::of('count.nothing'));
    }

    public static function outOfRange(bool $share): self
    {
        return new self(Message::of($share ? 'count.share' : 'count.range'));
    }

    public static function notWhole(): self
    {
        return new self(Message::of('count.whole'));
    }

    public static function leaves(): self
    {
        return new self(Message::of('count.leaves'));
    }

    public static function otherMeasure(): self
    {
        return new self(Message::of('count.other-measure'));
    }
}
