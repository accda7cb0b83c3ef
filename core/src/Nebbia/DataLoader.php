<?php

declare(strict_types=1);

namespace Nebbia\Core\Nebbia;

use Nebbia\Core\Data\BrokenData;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\UnknownMessage;
use Symfony\Component\Yaml\Yaml;

/**
 * The one place where core touches files: reads core/data/*.yaml and keeps it compiled as PHP.
 *
 * With `watch` the compiled file is remade whenever a data file is newer; without it only when it is missing.
 */
final readonly class DataLoader
{
    private const FILES = [
        'units', 'drops', 'substances', 'ingredients', 'plants', 'plant-families', 'plant-habits', 'modifiers', 'targets', 'signs',
        'diagnosis', 'decision', 'tactics', 'remedies', 'tolerances', 'order', 'pairs', 'dangers',
        'hazards', 'substitutes', 'coverage', 'storage', 'shelf', 'calibrated', 'reading',
        'chemistry', 'spacing', 'materials', 'compatible', 'windows', 'care', 'claims', 'food', 'soil', 'jobs', 'patch', 'tobacco', 'bottle-names', 'surfaces',
        'preparations', 'soap',
    ];

    private const LANGUAGES = ['en'];

    /** The files of each language's folder; a key may be nested there, and is flat, with dots, afterwards. */
    private const CATALOGUES = ['judgement', 'signs', 'targets', 'measures', 'scouting', 'mixing', 'safety', 'bottle', 'course', 'grounds', 'making'];

    public function __construct(
        private string $dataFolder,
        private ?string $compiledFile = null,
        private bool $watch = true,
    ) {}

    public static function shipped(): Nebbia
    {
        return (new self(dirname(__DIR__, 2).'/data'))->load();
    }

    /** @throws BrokenData if a file is missing or malformed */
    public function load(): Nebbia
    {
        if ($this->compiledFile === null) {
            return Nebbia::of($this->read());
        }
        if (! is_file($this->compiledFile) || ($this->watch && $this->isStale($this->compiledFile))) {
            $this->compile($this->compiledFile);
        }

        return Nebbia::of(Row::of(require $this->compiledFile, 'compiled')->toArray());
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

    /**
     * @return array<string, mixed>
     *
     * @throws BrokenData
     * @throws UnknownMessage if a sentence can never be said
     */
    private function read(): array
    {
        $data = [];
        foreach (self::FILES as $name) {
            $data[$name] = $this->parse($this->paths()[$name]);
        }
        $tables = $data;
        foreach (self::LANGUAGES as $language) {
            $sentences = [];
            foreach (self::CATALOGUES as $part) {
                $sentences += self::flat($this->parse($this->paths()["messages/$language/$part"]));
            }
            Catalogue::check($language, $sentences);
            (new DataCheck(array_map(static fn (mixed $one): string => is_scalar($one) ? (string) $one : '', $sentences)))->check($tables);
            $data["messages.$language"] = $sentences;
        }

        return $data;
    }

    private function parse(string $path): mixed
    {
        $text = is_file($path) ? file_get_contents($path) : false;

        return Yaml::parse($text === false ? throw BrokenData::unreadable($path) : $text);
    }

    /** @return array<string, mixed> a.b.c => sentence */
    private static function flat(mixed $tree, string $under = ''): array
    {
        $flat = [];
        foreach (is_array($tree) ? $tree : [] as $key => $value) {
            $flat += is_array($value) ? self::flat($value, "$under$key.") : ["$under$key" => $value];
        }

        return $flat;
    }

    /** @return array<string, string> name => path */
    private function paths(): array
    {
        $paths = [];
        foreach (self::FILES as $name) {
            $paths[$name] = "$this->dataFolder/$name.yaml";
        }
        foreach (self::LANGUAGES as $language) {
            foreach (self::CATALOGUES as $part) {
                $paths["messages/$language/$part"] = "$this->dataFolder/messages/$language/$part.yaml";
            }
        }

        return $paths;
    }
}
