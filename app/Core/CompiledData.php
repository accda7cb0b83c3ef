<?php

declare(strict_types=1);

namespace App\Core;

use Nebbia\Core\Nebbia\DataFolder;
use Nebbia\Core\Nebbia\Nebbia;

/** What core knows, kept compiled as PHP. Where it watches, it is made anew once a data file is newer; else only where it is missing. */
final readonly class CompiledData
{
    public function __construct(private DataFolder $folder, private string $file, private bool $watch) {}

    public function load(): Nebbia
    {
        if (! is_file($this->file) || ($this->watch && $this->isStale())) {
            $this->compile();
        }
        $data = require $this->file;

        return Nebbia::of(is_array($data) ? array_combine(array_map(strval(...), array_keys($data)), $data) : []);
    }

    private function isStale(): bool
    {
        $made = filemtime($this->file);
        // A file that was taken away has changed its folder.
        foreach ([...$this->folder->paths(), ...array_unique(array_map(dirname(...), $this->folder->paths()))] as $path) {
            if (filemtime($path) > $made) {
                return true;
            }
        }

        return false;
    }

    private function compile(): void
    {
        $folder = dirname($this->file);
        if (! is_dir($folder)) {
            mkdir($folder, 0o775, true);
        }
        // Written beside and renamed, so that a reader never meets half a file.
        $beside = $this->file.'.'.getmypid();
        file_put_contents($beside, '<?php return '.var_export($this->folder->read(), true).';');
        rename($beside, $this->file);
        if (function_exists('opcache_invalidate')) {
            opcache_invalidate($this->file, true);
        }
    }
}
