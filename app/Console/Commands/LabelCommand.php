<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\LabelReport;
use App\Console\PlainCommand;
use App\Console\TextFile;
use Nebbia\Core\Reading\Label\LabelReader;

/** Reads the list of contents of a bottle: soap, detergent, both or unclear, and what each part is. */
final class LabelCommand extends PlainCommand
{
    protected $signature = 'nebbia:label
        {file? : a list of contents, or - (or nothing) for standard input}
        {--json : print verdict, parts and findings as JSON}';

    protected $description = 'Read what a bottle says is in it';

    public function handle(LabelReader $reader, LabelReport $report, TextFile $files): int
    {
        $label = $reader->read($files->read($this->argument('file')));
        $this->option('json') ? $this->give($report->json($label)."\n") : $this->say($report->text($label));

        return self::SUCCESS;
    }
}
