<?php

declare(strict_types=1);

use Nebbia\Core\Tests\Rooms;
use Nebbia\Core\Tests\RoomsPicture;

define('SOURCE', dirname(__DIR__).'/src');

it('has its rooms bottom first, none looking up', function (): void {
    expect(Rooms::of(SOURCE)->upwards())->toBe([]);
});

it('has no room that is not in the list, and none in the list that is empty', function (): void {
    $rooms = array_map(basename(...), glob(SOURCE.'/*', GLOB_ONLYDIR) ?: []);
    expect($rooms)->toEqualCanonicalizing(array_keys(Rooms::ORDER))->and(glob(SOURCE.'/*.php'))->toBe([]);
});

it('notices a look upwards', function (string $code, int $found): void {
    $folder = sys_get_temp_dir().'/rooms-'.uniqid();
    mkdir("$folder/Data", recursive: true);
    file_put_contents("$folder/Data/One.php", "<?php\n\nnamespace Nebbia\\Core\\Data;\n\n$code\n");
    $up = Rooms::of($folder)->upwards();
    unlink("$folder/Data/One.php");
    rmdir("$folder/Data");
    rmdir($folder);
    expect($up)->toHaveCount($found);
})->with([
    'by a use line' => ['use Nebbia\Core\Plant\Plant;', 1],
    'by its whole name' => ['final class One { public ?\Nebbia\Core\Plant\Plant $plant = null; }', 1],
    'into a room that nobody knows' => ['use Nebbia\Core\Attic\Box;', 1],
    'within the room' => ['use Nebbia\Core\Data\Row;', 0],
]);

it('gives no name to two classes', function (): void {
    $names = array_merge(...array_values(Rooms::of(SOURCE)->folders));
    expect(array_keys(array_filter(array_count_values($names), static fn (int $times): bool => $times > 1)))->toBe([]);
});

it('has no folder that nobody can look over', function (): void {
    expect(array_keys(array_filter(Rooms::of(SOURCE)->folders, static fn (array $classes): bool => count($classes) > 16)))->toBe([]);
});

it('is drawn as it is', function (): void {
    expect((string) file_get_contents(dirname(__DIR__, 2).'/docs/rooms.svg'))->toBe(RoomsPicture::svg(Rooms::of(SOURCE)), 'make rooms draws it anew');
});
