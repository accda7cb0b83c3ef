<?php

declare(strict_types=1);

namespace App\Console;

use App\Exceptions\BadFile;
use JsonException;

/** Reads a JSON file, or standard input where the path is "-". */
final class RecipeFile
{
    private const MAX_BYTES = 1_000_000;

    /** @throws BadFile if there is no such file or it is not JSON */
    public function read(string $path): mixed
    {
        $text = match (true) {
            $path === '-' => stream_get_contents(STDIN, self::MAX_BYTES),
            is_file($path) && is_readable($path) => file_get_contents($path, length: self::MAX_BYTES),
            default => throw BadFile::missing($path),
        };
        // A byte-order mark is no part of the recipe.
        $text = preg_replace('/^\xEF\xBB\xBF/', '', (string) $text);
        try {
            return json_decode((string) $text, true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw BadFile::notJson(lcfirst($e->getMessage()));
        }
    }
}
