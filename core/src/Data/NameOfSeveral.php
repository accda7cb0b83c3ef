<?php

declare(strict_types=1);

namespace Nebbia\Core\Data;

use Nebbia\Core\Data\Sentence\Message;

/** A name that several things go by: which is meant is asked. */
final class NameOfSeveral extends BadInput
{
    private const MOST_LISTED = 6;

    /** @var list<string> what they are called when they are told apart */
    public array $which = [];

    /** @param  list<string>  $which  what they are called when they are told apart */
    public static function plant(string $name, array $which): self
    {
        $which = array_slice($which, 0, self::MOST_LISTED);
        $asked = new self(Message::of('name.plant.several', ['name' => $name, 'which' => implode(', ', $which)]));
        $asked->which = $which;

        return $asked;
    }
}
