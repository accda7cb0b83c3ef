<?php

declare(strict_types=1);

use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Nebbia\DataFolder;
use Nebbia\Core\Tests\Data\Phrases;
use Nebbia\Core\Tests\Data\Sayings;

/** Core's sentences and the application's. */
function allSentences(): Catalogue
{
    static $all = null;

    return $all ??= (new DataFolder(dirname(__DIR__, 2).'/data', dirname(__DIR__, 3).'/messages'))->load()->get(Catalogue::class);
}

/** @return array<string, Pattern> of the catalogue that the key, with `*` for parts that come from data, may mean */
function sentencesFor(string $key): array
{
    static $all = null;
    $all ??= allSentences()->patterns();
    if (! str_contains($key, '*')) {
        return isset($all[$key]) ? [$key => $all[$key]] : [];
    }
    $pattern = '/^'.str_replace('\*', '.+', preg_quote($key, '/')).'$/';

    return array_filter($all, static fn (string $one): bool => preg_match($pattern, $one) === 1, ARRAY_FILTER_USE_KEY);
}

it('has every sentence that the code says, and is given every parameter', function (): void {
    $root = dirname(__DIR__, 3);
    $sayings = Sayings::in("$root/core/src", "$root/app")->all;
    $faults = [];
    $checked = 0;
    foreach ($sayings as ['where' => $where, 'key' => $key, 'params' => $params]) {
        if (trim($key, '*.') === '' || preg_match('/^\*\.(what|because|instead)$/', $key) === 1) {
            continue;
        }
        $sentences = sentencesFor($key);
        if ($sentences === []) {
            $faults[] = "$where says '$key', which is not in the catalogue";
        }
        foreach ($params === null ? [] : $sentences as $found => $sentence) {
            $checked++;
            foreach (array_diff(array_keys($sentence->arguments), $params) as $lacking) {
                // Of several sentences only some may take it; then the sweep has the last word.
                if (! str_contains($key, '*')) {
                    $faults[] = "$where says '$found' without '$lacking'";
                }
            }
        }
    }
    expect($faults)->toBe([])
        ->and(count($sayings))->toBeGreaterThan(450)
        ->and($checked)->toBeGreaterThan(350);
});

it('has whatever is written like a key, wherever it is put together', function (): void {
    $root = dirname(__DIR__, 3);
    $keys = array_keys(allSentences()->patterns());
    $known = [];
    foreach ($keys as $key) {
        for ($part = $key; $part !== ''; $part = substr($part, 0, (int) strrpos($part, '.'))) {
            $known[$part] = true;
        }
    }
    $faults = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/core/src", FilesystemIterator::SKIP_DOTS)) as $file) {
        foreach (PhpToken::tokenize((string) file_get_contents((string) $file)) as $token) {
            // DataCheck names tables.
            if ($file->getFilename() !== 'DataCheck.php' && $token->id === T_CONSTANT_ENCAPSED_STRING && preg_match('/^\'([a-z-]+)(\.[a-z0-9-]+)+\'$/', $token->text, $found) === 1
                && isset($known[$found[1]]) && ! isset($known[trim($token->text, "'")])) {
                $faults[] = $file->getFilename().":$token->line $token->text";
            }
        }
    }
    expect($faults)->toBe([]);
});

it('holds no sentence that nobody says', function (): void {
    $root = dirname(__DIR__, 3);
    $said = array_values(array_unique(array_column(Sayings::in("$root/core/src", "$root/app")->all, 'key')));
    $said = array_values(array_filter($said, static fn (string $key): bool => trim($key, '*.') !== '' && preg_match('/^\*\.(what|because|instead)$/', $key) !== 1));
    $said = [...$said, ...Sayings::shapes("$root/core/src", "$root/app")];
    // What stands in the code as a text of its own is put into a key somewhere else.
    $written = [];
    foreach (['core/src', 'app', 'core/data'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
            preg_match_all('/[a-z][a-z0-9_-]*(?:\.[a-z0-9_*-]+)*/', (string) file_get_contents((string) $file), $found);
            $written += array_fill_keys(str_contains((string) $file, '/messages/') ? [] : $found[0], true);
        }
    }
    $dead = [];
    foreach (array_keys(allSentences()->patterns()) as $key) {
        $head = (string) preg_replace('/\.(what|because|instead)$/', '', $key);
        $isSaid = isset($written[$key]) || isset($written[$head]) || str_starts_with($key, 'request.')
            || (isset($written[substr($key, 0, (int) strrpos($key, '.'))]) && isset($written[substr((string) strrchr($key, '.'), 1)]));
        foreach ($isSaid ? [] : $said as $one) {
            $isSaid = $isSaid || ($one === $key || (str_contains($one, '*') && preg_match('/^'.str_replace('\*', '[^ ]+', preg_quote($one, '/')).'$/', $key) === 1));
        }
        if (! $isSaid) {
            $dead[] = $key;
        }
    }
    expect($dead)->toBe([]);
});

it('holds every sentence: none stands in the code', function (): void {
    $root = dirname(__DIR__, 3);
    $toMakers = ['BrokenData.php', 'UnknownMessage.php', 'DataShape.php', 'DataFolder.php', 'RuleGrounds.php', 'Pattern.php'];
    // What is read of a text, not said.
    $readers = ['NumberParser.php', 'NumberWords.php', 'StepFinder.php', 'StockTokens.php', 'Thinning.php', 'Sentence.php', 'TwoSteps.php', 'DoubtAnswers.php', 'StrengthParser.php', 'Scanner.php', 'AmountParser.php', 'OftenReader.php', 'UntilReader.php', 'AmountScanner.php', 'Appraiser.php', 'LabelFindings.php', 'PlantListReader.php', 'TypedSize.php'];
    // Units and what they are called, until those stand in the data for each language.
    $units = ['Unit.php', 'KitchenMeasure.php', 'PreciseWords.php', 'HomeUnits.php', 'HomeWords.php', 'TypedVolume.php'];
    $toMachines = ['Mishaps.php', 'WriteLabel.php', 'SafeHeaders.php', 'ShowPhotoController.php', 'UsualStrengthRule.php', 'DatabaseState.php', 'Photos.php', 'TakeBackup.php'];
    expect([...Phrases::in("$root/core/src", [...$toMakers, ...$readers, ...$units, ...$toMachines]), ...Phrases::in("$root/app", $toMachines)])->toBe([]);
});
