<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** A file or an option given to a console command cannot be used. The message is one line for the gardener. */
final class BadFile extends RuntimeException
{
    public static function missing(string $path): self
    {
        return new self("FILE: \"$path\" cannot be read: give the path of a file, or - for standard input.");
    }

    public static function notJson(string $why): self
    {
        return new self("FILE: this is not valid JSON ($why): mend it, or save it as UTF-8.");
    }

    public static function notBySchema(string $field, string $why): self
    {
        return new self(($field === '' ? 'FILE' : $field).': this is not as the format allows ('.lcfirst($why).'): mend it by docs/formats.');
    }

    public static function option(string $option, string $mend): self
    {
        return new self("--$option: $mend");
    }
}
