<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Core\Say;
use Illuminate\Foundation\Exceptions\Handler;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Catalogue;
use Symfony\Component\Console\Exception\ExceptionInterface as ConsoleException;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Throwable;

/** On the console bad input is one line on standard error, naming the field and the mend. */
final class OneLineConsoleHandler extends Handler
{
    /** @param  OutputInterface  $output */
    public function renderForConsole($output, Throwable $e): void
    {
        $line = match (true) {
            $e instanceof BadInput => $e->field().': '.$this->container->make(Catalogue::class)->say($e->said),
            $e instanceof BadFile => $e->getMessage(),
            $e instanceof ConsoleException => Say::it('option.see-help', ['message' => $e->getMessage()]),
            default => $this->container->make(Mishaps::class)->said($e)[1],
        };
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $errors->writeln(trim((string) preg_replace('/[\s\p{Cc}]+/u', ' ', mb_scrub($line))), OutputInterface::OUTPUT_RAW);
    }
}
