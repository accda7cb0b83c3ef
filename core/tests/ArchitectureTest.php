<?php

declare(strict_types=1);

arch('core knows no framework')
    ->expect('Nebbia\Core')
    ->not->toUse(['Illuminate', 'Laravel', 'App', 'Carbon', 'Symfony\Component\HttpFoundation', 'Symfony\Component\Console']);

arch('core has no clock and no chance')
    ->expect('Nebbia\Core')
    ->not->toUse(['time', 'microtime', 'hrtime', 'date', 'now', 'today', 'rand', 'mt_rand', 'random_int', 'random_bytes', 'uniqid', 'shuffle', 'array_rand', 'str_shuffle']);

arch('core touches files in one place only')
    ->expect('Nebbia\Core')
    ->not->toUse(['file_get_contents', 'file_put_contents', 'fopen', 'readfile', 'file', 'glob', 'scandir', 'curl_init', 'PDO', 'getenv', 'env', 'config', 'app'])
    ->ignoring(['Nebbia\Core\Nebbia\DataFolder', 'Nebbia\Core\Tests']);

arch('core is strict')->expect('Nebbia\Core')->toUseStrictTypes();

arch('core classes are final, but for the root of bad input')
    ->expect('Nebbia\Core')->classes()->toBeFinal()->ignoring('Nebbia\Core\Data\BadInput');

arch('nothing is left from looking')->expect(['dd', 'dump', 'var_dump', 'print_r', 'ray'])->not->toBeUsed();

it('has no line that does not fit on a screen', function (): void {
    $long = [];
    foreach (['core/src', 'app', 'database', 'routes', 'config'] as $folder) {
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/$folder", FilesystemIterator::SKIP_DOTS));
        foreach (new RegexIterator($files, '/\.php$/') as $file) {
            foreach (file((string) $file) ?: [] as $n => $line) {
                if (mb_strlen(rtrim($line)) > 140) {
                    $long[] = $file.':'.($n + 1);
                }
            }
        }
    }
    expect($long)->toBe([]);
});

it('makes no day of its own', function (): void {
    // `new DateTimeImmutable()` reads the clock without a function that the rules above could see.
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__).'/src', FilesystemIterator::SKIP_DOTS));
    foreach ($files as $file) {
        $text = (string) file_get_contents((string) $file);
        expect(preg_match('/new \\\\?DateTime(Immutable)?\b|strtotime\(/', $text))->toBe(0, (string) $file);
    }
});
