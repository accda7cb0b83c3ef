<?php

declare(strict_types=1);

namespace Nebbia\Core\Nebbia;

use Nebbia\Core\Data\BrokenData;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\UnknownMessage;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/**
 * The one place where core touches files: reads core/data, each table by the name of its file and the sentences of each language out
 * of its own folder, and looks it all over.
 */
final readonly class DataFolder
{
    /** @param  string|null  $more  another folder with sentences, those of whoever uses core */
    public function __construct(private string $folder, private ?string $more = null) {}

    public static function shipped(): self
    {
        return new self(dirname(__DIR__, 2).'/data');
    }

    /**
     * @throws BrokenData naming the file, the row and the mend
     * @throws UnknownMessage if a sentence can never be said
     */
    public function load(): Nebbia
    {
        return Nebbia::of($this->read());
    }

    /**
     * @return array<string, mixed> name of the table => its contents; key => sentence under `messages.<language>`
     *
     * @throws BrokenData naming the file, the row and the mend
     * @throws UnknownMessage if a sentence can never be said
     */
    public function read(): array
    {
        $tables = [];
        foreach ($this->tables() as $path) {
            $tables[basename($path, '.yaml')] = $this->parse($path);
        }
        (new DataShape((string) file_get_contents("$this->folder/schema.json")))->check($tables);
        (new DataReferences($tables))->check();
        $data = $tables;
        foreach ($this->languages() as $language) {
            $sentences = [];
            foreach ($this->sentences($language) as $path) {
                $sentences += self::flat($this->parse($path));
            }
            Catalogue::check($language, $sentences);
            (new DataCheck(array_map(static fn (mixed $one): string => is_scalar($one) ? (string) $one : '', $sentences)))->check($tables);
            $data["messages.$language"] = $sentences;
        }
        foreach ($this->languages() as $language) {
            DataCheck::parts(Nebbia::of($data, $language));
        }

        return $data;
    }

    /** @return list<string> every file that it reads */
    public function paths(): array
    {
        return ["$this->folder/schema.json", ...$this->tables(), ...$this->sentences('*')];
    }

    /** @return list<string> */
    private function tables(): array
    {
        return glob("$this->folder/*.yaml") ?: throw BrokenData::unreadable($this->folder);
    }

    /** @return list<string> */
    private function sentences(string $language): array
    {
        return [
            ...glob("$this->folder/messages/$language/*.yaml") ?: [],
            ...$this->more === null ? [] : (glob("$this->more/$language/*.yaml") ?: []),
        ];
    }

    /** @return list<string> */
    private function languages(): array
    {
        return array_map(
            basename(...),
            glob("$this->folder/messages/*", GLOB_ONLYDIR) ?: throw BrokenData::unreadable("$this->folder/messages"),
        );
    }

    private function parse(string $path): mixed
    {
        try {
            return Yaml::parse((string) file_get_contents($path));
        } catch (ParseException $e) {
            throw BrokenData::shapeless(
                'core/data/'.basename($path).($e->getParsedLine() > 0 ? ", line {$e->getParsedLine()}" : ''),
                'this is no YAML: '.$e->getMessage(),
            );
        }
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
}
