<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlainCommand;
use App\Console\ReadReport;
use App\Console\TextFile;
use App\Core\Say;
use App\Exceptions\BadFile;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Reading\PlainReader;

/** Reads a recipe in plain words: nebbia.recipe/1 with what was understood and what is doubted, or a page of text. */
final class ReadCommand extends PlainCommand
{
    protected $signature = 'nebbia:read
        {file? : a text, or - (or nothing) for standard input}
        {--units= : whose spoons and cups are meant: us, metric, imperial or au}
        {--json : print nebbia.recipe/1 with understood and doubts}';

    protected $description = 'Read a recipe in plain words';

    public function handle(PlainReader $reader, Catalogue $catalogue, ReadReport $report, TextFile $files): int
    {
        $units = $this->option('units');
        $system = is_string($units)
            ? UnitSystem::tryFrom(trim($units)) ??
                throw BadFile::option('units', Say::it('option.one-of', ['list' => implode(', ', UnitSystem::ids())]))
            : null;
        $read = $reader->read($files->read($this->argument('file')), $system)->toArray($catalogue);
        $this->option('json') ? $this->give($report->json($read)."\n") : $this->say($report->text($read));

        return self::SUCCESS;
    }
}
