<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Core\Say;
use RuntimeException;

/** A file or an option given to a console command cannot be used. The message is one line for the gardener. */
final class BadFile extends RuntimeException
{
    public static function missing(string $path): self
    {
        return new self(Say::it('refused.no-file', ['path' => $path]));
    }

    public static function notJson(string $why): self
    {
        return new self(Say::it('refused.no-json', ['why' => $why]));
    }

    public static function notBySchema(string $field, string $why): self
    {
        return new self(Say::it('refused.not-the-format', ['field' => $field === '' ? 'FILE' : $field, 'why' => lcfirst($why)]));
    }

    public static function option(string $option, string $mend): self
    {
        return new self("--$option: $mend");
    }
}
