<?php

declare(strict_types=1);

use App\Core\CompiledData;
use Nebbia\Core\Data\BrokenData;
use Nebbia\Core\Nebbia\DataFolder;

it('is compiled, and compiled anew when a data file changes', function (): void {
    $folder = sys_get_temp_dir().'/nebbia-data-'.getmypid();
    mkdir("$folder/messages/en", 0o777, true);
    $from = base_path('core/data');
    foreach (DataFolder::shipped()->paths() as $path) {
        copy($path, $folder.substr($path, strlen($from)));
    }
    $compiled = "$folder/compiled.php";
    $load = fn (bool $watch): string => (new CompiledData(new DataFolder($folder), $compiled, $watch))->load()->get(Nebbia\Core\Plant\Plants::class)->named('tomato')->botanical;
    try {
        expect($load(true))->toBe('Solanum lycopersicum')->and(is_file($compiled))->toBeTrue();
        file_put_contents("$folder/plants.yaml", str_replace('Solanum lycopersicum', 'Solanum novum', (string) file_get_contents("$folder/plants.yaml")));
        touch("$folder/plants.yaml", time() + 10);
        clearstatcache();
        expect($load(false))->toBe('Solanum lycopersicum')->and($load(true))->toBe('Solanum novum');
        unlink("$folder/drops.yaml");
        touch("$folder/plants.yaml", time() + 20);
        clearstatcache();
        expect(fn () => $load(true))->toThrow(BrokenData::class);
    } finally {
        array_map(unlink(...), [...(glob("$folder/*.*") ?: []), ...(glob("$folder/messages/en/*") ?: [])]);
        rmdir("$folder/messages/en");
        rmdir("$folder/messages");
        rmdir($folder);
    }
});
