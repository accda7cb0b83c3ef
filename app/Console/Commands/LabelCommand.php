<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\LabelReport;
use App\Exceptions\BadFile;
use Illuminate\Console\Command;
use Nebbia\Core\Bottle\LabelReader;

/** Reads the list of contents of a bottle: soap, detergent, both or unclear, and what each part is. */
final class LabelCommand extends Command
{
    private const MAX_BYTES = 100_000;

    protected $signature = 'nebbia:label
        {file? : a list of contents, or - (or nothing) for standard input}
        {--json : print verdict, parts and findings as JSON}';

    protected $description = 'Read what a bottle says is in it';

    public function handle(LabelReader $reader, LabelReport $report): int
    {
        $label = $reader->read($this->text());
        $this->output->write($this->option('json') ? $report->json($label)."\n" : $report->text($label));

        return self::SUCCESS;
    }

    private function text(): string
    {
        $path = $this->argument('file');
        if (! is_string($path) || $path === '-') {
            return (string) stream_get_contents(STDIN, self::MAX_BYTES);
        }

        return is_file($path) && is_readable($path) ? (string) file_get_contents($path, length: self::MAX_BYTES) : throw BadFile::missing($path);
    }
}
