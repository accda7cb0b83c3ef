<?php

declare(strict_types=1);

namespace Nebbia\Core\Shelf;

use Nebbia\Core\Data\Sentence\Message;

/** How long something takes, as people say it. */
final class Length
{
    /** Hours of each unit, and from how many of it on it is used. */
    private const UNITS = ['years' => [8760, 1], 'months' => [730, 2], 'weeks' => [168, 2], 'days' => [24, 2], 'hours' => [1, 1]];

    public static function of(float $hours): Message
    {
        foreach (self::UNITS as $unit => [$length, $from]) {
            if ($hours >= $from * $length * 0.95) {
                return Message::of('making.length', ['unit' => $unit, 'n' => (int) round($hours / $length)]);
            }
        }

        return Message::of('making.length', ['unit' => 'minutes', 'n' => max(1, (int) round($hours * 60))]);
    }
}
