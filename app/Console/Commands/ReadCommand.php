<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\ReadReport;
use App\Exceptions\BadFile;
use Illuminate\Console\Command;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Message\Catalogue;
use Nebbia\Core\Reading\PlainReader;

/** Reads a recipe in plain words: nebbia.recipe/1 with what was understood and what is doubted, or a page of text. */
final class ReadCommand extends Command
{
    private const MAX_BYTES = 100_000;

    protected $signature = 'nebbia:read
        {file? : a text, or - (or nothing) for standard input}
        {--units= : whose spoons and cups are meant: us, metric, imperial or au}
        {--json : print nebbia.recipe/1 with understood and doubts}';

    protected $description = 'Read a recipe in plain words';

    public function handle(PlainReader $reader, Catalogue $catalogue, ReadReport $report): int
    {
        $units = $this->option('units');
        $system = is_string($units) ? UnitSystem::tryFrom(trim($units)) ?? throw BadFile::option('units', 'this must be one of '.implode(', ', UnitSystem::ids()).'.') : null;
        $read = $reader->read($this->text(), $system)->toArray($catalogue);
        $this->output->write($this->option('json') ? $report->json($read)."\n" : $report->text($read));

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
