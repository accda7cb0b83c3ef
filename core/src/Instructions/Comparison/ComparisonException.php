<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Comparison;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** Too few or too many to compare. */
final class ComparisonException extends BadInput
{
    public static function number(int $fewest, int $most): self
    {
        return (new self(Message::of('comparison.number', ['fewest' => $fewest, 'most' => $most])))->at('recipes');
    }
}
