<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** A command whose output may hold what somebody typed: nothing of it steers the terminal or is taken for a style. */
abstract class PlainCommand extends Command
{
    /** @param  string  $text  a page to read */
    protected function say(string $text): void
    {
        $this->output->write(
            (string) preg_replace('/(?![\t\n])\p{Cc}|[\x{202A}-\x{202E}\x{2066}-\x{2069}]/u', '', mb_scrub($text)),
            false,
            OutputInterface::OUTPUT_RAW,
        );
    }

    /** @param  string  $json  control characters below the space are escaped in it already; those above are here */
    protected function give(string $json): void
    {
        $this->output->write(
            (string) preg_replace_callback(
                '/[\x{7F}-\x{9F}]/u',
                static fn (array $one): string => sprintf('\\u%04x', mb_ord($one[0])),
                $json,
            ),
            false,
            OutputInterface::OUTPUT_RAW,
        );
    }
}
