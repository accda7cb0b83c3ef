<?php

declare(strict_types=1);

use Nebbia\Core\Data\BrokenData;
use Nebbia\Core\Data\Sentence\UnknownMessage;
use Nebbia\Core\Nebbia\DataLoader;

/** The data with one thing in it put wrong, read anew. */
function loadedWith(string $file, string $what, string $instead): void
{
    $from = dirname(__DIR__, 2).'/data';
    $to = sys_get_temp_dir().'/nebbia-data-'.getmypid();
    exec('rm -rf '.escapeshellarg($to).' && cp -r '.escapeshellarg($from).' '.escapeshellarg($to));
    $text = (string) file_get_contents("$to/$file");
    expect(str_contains($text, $what))->toBeTrue("$what is not in $file");
    file_put_contents("$to/$file", (string) preg_replace('/'.preg_quote($what, '/').'/', $instead, $text, 1));
    try {
        (new DataLoader($to))->load();
    } finally {
        exec('rm -rf '.escapeshellarg($to));
    }
}

it('refuses a mistake in the data when it is compiled, and names it', function (string $file, string $what, string $instead, string $says): void {
    expect(fn () => loadedWith($file, $what, $instead))->toThrow(BrokenData::class, $says);
})->with([
    'an id twice' => ['tactics.yaml', '- { id: wipe-leaves', '- { id: jet-of-water', "'jet-of-water'"],
    'a name for two things' => ['ingredients.yaml', 'also: [fresh garlic', 'also: [milk, fresh garlic', "'milk' is both"],
    'a name abroad for two things' => ['plants.yaml', 'also: [', 'also: [lettuce, ', "'lettuce' is both"],
    'a unit for two things' => ['units.yaml', 'names: [chilli,', 'names: [kilo, chilli,', "'kilo' is both"],
]);

it('refuses a rule without its sentence, and one without its ground', function (): void {
    $messages = (string) file_get_contents(dirname(__DIR__, 2).'/data/messages/en/judgement.yaml');
    preg_match('/^pair\.([a-z0-9-]+)\.because/m', $messages, $found);
    $first = $found[1] ?? '';
    if ($first === '') {
        preg_match('/^pair:\n(?:.*\n)*?  ([a-z0-9-]+):/m', $messages, $found);
        $first = $found[1] ?? '';
    }
    expect($first)->not->toBe('');
    $pairs = (string) file_get_contents(dirname(__DIR__, 2).'/data/pairs.yaml');
    expect(fn () => loadedWith('pairs.yaml', "id: $first", 'id: unheard-of'))->toThrow(BrokenData::class, 'pair.unheard-of.what')
        ->and(preg_match("/id: $first\\b[^\\n]*(?:\\n(?!- )[^\\n]*)*?(basis: [a-z ]+)/", $pairs, $basis))->toBe(1)
        ->and(fn () => loadedWith('pairs.yaml', $basis[0], str_replace($basis[1], 'grounds: none', $basis[0])))->toThrow(BrokenData::class, 'what it rests on');
});

it('refuses a sentence that can never be said', function (): void {
    expect(fn () => loadedWith('messages/en/course.yaml', 'before round {next, number, ::.}', 'before round {next, plural, other {{next}}}'))->toThrow(UnknownMessage::class, 'course.bears.in-a-row');
});
