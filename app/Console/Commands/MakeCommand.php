<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\MakingReport;
use App\Console\PlainCommand;
use App\Console\RecipeFile;
use App\Console\SchemaCheck;
use App\Time\Clock;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Making\JarReader;
use Nebbia\Core\Making\Maker;
use Nebbia\Core\Making\MakingJudge;
use Nebbia\Core\Making\MakingReader;
use Nebbia\Core\Shelf\Jars;

/** Works a preparation out: nebbia.preparation/1 in, what comes of it out. */
final class MakeCommand extends PlainCommand
{
    private const EXIT_STOP = 3;

    protected $signature = 'nebbia:make
        {file : a preparation in the format nebbia.preparation/1, or - for standard input}
        {--strict : exit with 3 where a finding says stop}
        {--json : print nebbia.stock/1}';

    protected $description = 'Work out what is made ahead: yield, strength, time and keeping';

    public function handle(
        MakingReader $reader,
        Maker $maker,
        JarReader $jars,
        RecipeFile $files,
        SchemaCheck $schema,
        MakingReport $report,
        MakingJudge $judge,
    ): int {
        $data = $files->read((string) $this->argument('file'));
        $others =
            is_array($data) && isset($data['preparations']) ? $jars->read($data['preparations'], app(Clock::class)->now()) : new Jars();
        $preparation = $maker->make($reader->with($others)->read($data));
        $schema->check($data, 'nebbia.preparation-1');
        $findings = $judge->judge($preparation);
        $this->option('json')
            ? $this->give($report->json($preparation, $findings)."\n")
            : $this->say($report->text($preparation, $findings));

        return $this->option('strict') && ($findings[0]->severity ?? null) === Severity::Stop ? self::EXIT_STOP : self::SUCCESS;
    }
}
