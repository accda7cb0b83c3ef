<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\LabelReport;
use App\Console\TextFile;
use Illuminate\Console\Command;
use Nebbia\Core\Bottle\LabelReader;

/** Reads the list of contents of a bottle: soap, detergent, both or unclear, and what each part is. */
final class LabelCommand extends Command
{
    protected $signature = 'nebbia:label
        {file? : a list of contents, or - (or nothing) for standard input}
        {--json : print verdict, parts and findings as JSON}';

    protected $description = 'Read what a bottle says is in it';

    public function handle(LabelReader $reader, LabelReport $report, TextFile $files): int
    {
        $label = $reader->read($files->read($this->argument('file')));
        $this->output->write($this->option('json') ? $report->json($label)."\n" : $report->text($label));

        return self::SUCCESS;
    }
}
