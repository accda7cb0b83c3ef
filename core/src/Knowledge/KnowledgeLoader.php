<?php

declare(strict_types=1);

namespace Nebbia\Core\Knowledge;

use Symfony\Component\Yaml\Yaml;

/**
 * The one place where core touches files: reads core/data/*.yaml and keeps it compiled as PHP.
 *
 * With `watch` the compiled file is remade whenever a data file is newer; without it only when it is missing.
 */
final readonly class KnowledgeLoader
{
    private const FILES = [
        'units', 'drops', 'substances', 'ingredients', 'plants', 'targets', 'tolerances', 'order', 'pairs', 'dangers',
    ];

    private const LANGUAGES = ['en'];

    public function __construct(
        private string $dataFolder,
        private ?string $compiledFile = null,
        private bool $watch = true,
    ) {}

    public static function shipped(): Knowledge
    {
        return (new self(dirname(__DIR__, 2).'/data'))->load();
    }

    /** @throws BrokenData if a file is missing or malformed */
    public function load(): Knowledge
    {
        if ($this->compiledFile === null) {
            return Knowledge::of($this->read());
        }
        if (! is_file($this->compiledFile) || ($this->watch && $this->isStale($this->compiledFile))) {
            $this->compile($this->compiledFile);
        }

        return Knowledge::of(Row::of(require $this->compiledFile, 'compiled')->toArray());
    }

    private function isStale(string $compiled): bool
    {
        $made = filemtime($compiled);
        foreach ($this->paths() as $path) {
            if (! is_file($path) || filemtime($path) > $made) {
                return true;
            }
        }

        return false;
    }

    private function compile(string $target): void
    {
        $folder = dirname($target);
        if (! is_dir($folder)) {
            mkdir($folder, 0o775, true);
        }
        // Written beside and renamed, so that a reader never meets half a file.
        $beside = $target.'.'.getmypid();
        file_put_contents($beside, '<?php return '.var_export($this->read(), true).';');
        rename($beside, $target);
        if (function_exists('opcache_invalidate')) {
            opcache_invalidate($target, true);
        }
    }

    /** @return array<string, mixed> */
    private function read(): array
    {
        $data = [];
        foreach ($this->paths() as $name => $path) {
            $text = is_file($path) ? file_get_contents($path) : false;
            $data[$name] = Yaml::parse($text === false ? throw BrokenData::unreadable($path) : $text);
        }

        return $data;
    }

    /** @return array<string, string> name => path */
    private function paths(): array
    {
        $paths = [];
        foreach (self::FILES as $name) {
            $paths[$name] = "$this->dataFolder/$name.yaml";
        }
        foreach (self::LANGUAGES as $language) {
            $paths["messages.$language"] = "$this->dataFolder/messages/$language.yaml";
        }

        return $paths;
    }
}
