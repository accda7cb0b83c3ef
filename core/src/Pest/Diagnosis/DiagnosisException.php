<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Diagnosis;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** What was said of a trouble contradicts itself. */
final class DiagnosisException extends BadInput
{
    public static function opposites(RecentWeather $one, RecentWeather $other): self
    {
        return (new self(Message::of('diagnosis.opposites', ['one' => $one->value, 'other' => $other->value])))->at('weather');
    }

    public static function bothWays(string $sign): self
    {
        return new self(Message::of('diagnosis.both-ways', ['sign' => $sign]));
    }
}
