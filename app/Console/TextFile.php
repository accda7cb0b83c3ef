<?php

declare(strict_types=1);

namespace App\Console;

use App\Exceptions\BadFile;

/** The text that a command is to read: of a file, or what comes in on standard input. */
final class TextFile
{
    /** Far more than any recipe or label; the rest is not read. */
    private const MAX_BYTES = 100_000;

    /**
     * @param  mixed  $path  as the command line has it; - or nothing for standard input
     * @param  int<1, max>  $mostBytes
     *
     * @throws BadFile if there is no such file
     */
    public function read(mixed $path, int $mostBytes = self::MAX_BYTES): string
    {
        if (! is_string($path) || $path === '-') {
            return (string) stream_get_contents(STDIN, $mostBytes);
        }

        return is_file($path) && is_readable($path) ? (string) file_get_contents($path, length: $mostBytes) : throw BadFile::missing($path);
    }
}
