<?php

declare(strict_types=1);

namespace App\Core;

use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;

/** Says a sentence of the catalogue (core/data/messages or messages), as `__()` would. */
final class Say
{
    /** @param  array<string, string|int|float|Message>  $params */
    public static function it(string $key, array $params = []): string
    {
        return app(Catalogue::class)->say(Message::of($key, $params));
    }

    /** What something rests on, and how sure it is. */
    public static function ground(string $basis, string $sure): string
    {
        return self::it('rests.on', ['basis' => Message::of('rests.'.str_replace(' ', '-', $basis)), 'sure' => Message::of("rests.$sure")]);
    }
}
