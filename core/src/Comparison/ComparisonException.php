<?php

declare(strict_types=1);

namespace Nebbia\Core\Comparison;

use Nebbia\Core\BadInput;
use Nebbia\Core\Message\Message;

/** Too few or too many to compare. */
final class ComparisonException extends BadInput
{
    public static function number(int $fewest, int $most): self
    {
        return (new self(Message::of('comparison.number', ['fewest' => $fewest, 'most' => $most])))->at('recipes');
    }
}
