<?php

declare(strict_types=1);

use App\Console\SchemaCheck;
use Illuminate\Support\Facades\Process;

/** @return array{int|null, string, string} exit code, standard output, standard error */
function runDiagnose(string ...$options): array
{
    $result = Process::path(base_path())
        ->env(['DB_DATABASE' => '/nonexistent/none.sqlite', 'APP_ENV' => 'local', 'LOG_CHANNEL' => 'null'])
        ->run(['php', 'artisan', 'nebbia:diagnose', ...$options]);

    return [$result->exitCode(), $result->output(), $result->errorOutput()];
}

it('prints nebbia.diagnosis/1', function (): void {
    [$exit, $out, $err] = runDiagnose('--sign=pale-stippling', '--sign=fine-webbing', '--not=hopping-insects', '--plant=cucumber', '--place=outdoors', '--season=summer', '--weather=hot,dry', '--json');
    $said = json_decode($out, true);
    expect($exit)->toBe(0)->and($err)->toBe('')->and((new SchemaCheck)->firstError($said, 'nebbia.diagnosis-1')?->message())->toBeNull()
        ->and($said['causes'][0]['target'])->toBe('spider-mite')->and(array_sum(array_column($said['causes'], 'probability')))->toEqualWithDelta(1.0, 1e-9)
        ->and(array_column($said['causes'], 'target'))->toContain('none-of-these')
        ->and(array_column($said['causes'], 'probability'))->toBe(collect($said['causes'])->pluck('probability')->sortDesc()->values()->all())
        ->and($said['next_question'])->toHaveKeys(['sign', 'gain_bits', 'where', 'when'])->and($said['next_question']['sign'])->not->toBeIn(['pale-stippling', 'fine-webbing', 'hopping-insects']);
});

it('gives the same figures in whatever order the signs come', function (): void {
    expect(runDiagnose('--sign=sticky-film', '--sign=ants-running', '--plant=lemon', '--json')[1])->toBe(runDiagnose('--sign=ants-running,sticky-film', '--plant=Citrus limon', '--json')[1]);
});

it('can be read', function (): void {
    [$exit, $out] = runDiagnose('--sign=curled-young-leaves', '--plant=pepper');
    expect($exit)->toBe(0)->and($out)->toContain('Causes')->toContain('Look next for')->toContain('%  aphid');
});

it('lists the ids, one a line, and with names for programs', function (): void {
    [, $out] = runDiagnose('--list');
    $ids = explode("\n", trim($out));
    expect(count($ids))->toBeGreaterThanOrEqual(60)->and($ids)->toContain('fine-webbing')->and($ids)->toBe(array_values(array_unique($ids)));
    [, $json] = runDiagnose('--list', '--json');
    expect(json_decode($json, true))->toHaveKeys(['signs', 'targets', 'plants']);
});

it('refuses in one line that names the field and the mend', function (array $options, string $line): void {
    [$exit, $out, $err] = runDiagnose(...$options);
    expect($exit)->toBe(1)->and($out)->toBe('')->and(trim($err))->toContain($line)->and(substr_count(trim($err), "\n"))->toBe(0);
})->with([
    'nothing said' => [[], '--sign: say at least one sign'],
    'an empty sign' => [['--sign='], '--sign:'],
    'a sign misspelt' => [['--sign=fine-webing'], '--sign: No sign is called fine-webing: did you mean fine-webbing?'],
    'an absent sign misspelt' => [['--not=stickyfilm'], '--not: No sign is called stickyfilm: did you mean sticky-film?'],
    'both ways' => [['--sign=sticky-film', '--not=sticky-film'], '--not: sticky-film is said to be there and not'],
    'an unknown plant' => [['--sign=sticky-film', '--plant=tomatoe'], 'did you mean tomato?'],
    'a place' => [['--sign=sticky-film', '--place=attic'], '--place: this must be indoors or outdoors'],
    'a season' => [['--sign=sticky-film', '--season=monsoon'], '--season: this must be one of spring'],
    'weather' => [['--sign=sticky-film', '--weather=wet', '--weather=dry'], '--weather: The weather cannot have been both'],
    'an option that is none' => [['--signs=sticky-film'], '"--signs" option does not exist'],
]);
