<?php

declare(strict_types=1);

namespace Nebbia\Core\Data\Sentence;

/** How a household hears what sentences say: the same, in its own units. */
interface Dialect
{
    /** @param  string  $sentence  with metric quantities in it */
    public function hear(string $sentence): string;

    /** Whether anything in it would be heard otherwise. */
    public function minds(string $text): bool;
}
