<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Core\Say;
use App\Database\NewerDatabase;
use Illuminate\Database\QueryException;
use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use PDOException;
use Symfony\Component\Yaml\Yaml;
use Throwable;
use WeakMap;

/**
 * What nobody foresaw. Whoever meets it is told what was kept, and a short number under which the log says more; the log never
 * holds what was typed, only where it happened.
 */
final class Mishaps
{
    /** SQLite's own codes: busy, locked, read-only, failed to read or write, damaged, full, cannot be opened, no database. */
    private const WORDS = [
        5 => [503, 'busy'],
        6 => [503, 'busy'],
        8 => [507, 'read-only'],
        10 => [507, 'disk'],
        11 => [500, 'damaged'],
        13 => [507, 'full'],
        14 => [500, 'not-opened'],
        26 => [500, 'no-database'],
    ];

    /** @var WeakMap<Throwable, string> */
    private WeakMap $numbers;

    public function __construct()
    {
        $this->numbers = new WeakMap();
    }

    /** @return array{int, string} the status, and what is said of it */
    public function said(Throwable $e, ?Request $request = null): array
    {
        [$status, $why] = self::known($e) ?? [500, 'unforeseen'];
        $kept = match (true) {
            $request === null => 'unsaid',
            $request->isMethodSafe() => 'unchanged',
            default => 'not-saved',
        };
        $why = $why === 'newer' ? self::newer($e) : self::say($why);

        return [
            $status,
            self::say('with-number', ['why' => $why.self::say($kept), 'number' => $this->number($e), 'place' => $this->place()]),
        ];
    }

    private static function newer(Throwable $e): string
    {
        for ($one = $e; $one !== null; $one = $one->getPrevious()) {
            if ($one instanceof NewerDatabase) {
                return $one->getMessage();
            }
        }

        return '';
    }

    /**
     * A sentence of messages/en/mishaps.yaml. Where the catalogue itself cannot be had, as on a full disk, it is read without it.
     *
     * @param  array<string, string|int>  $params
     */
    public static function say(string $key, array $params = []): string
    {
        try {
            return Say::it("mishap.$key", $params);
        } catch (Throwable) {
            $sentences = Yaml::parseFile(base_path('messages/en/mishaps.yaml'));
            $text = is_array($sentences) && is_array($sentences['mishap'] ?? null) ? $sentences['mishap'][$key] ?? '' : '';

            return strtr(
                is_string($text) ? $text : '',
                array_combine(
                    array_map(static fn (string $name): string => '{'.$name.'}', array_keys($params)),
                    array_map(strval(...), array_values($params)),
                ),
            );
        }
    }

    public function number(Throwable $e): string
    {
        return $this->numbers[$e] ??= (string) random_int(100_000, 999_999);
    }

    public function log(Throwable $e): void
    {
        $lines = [];
        for ($one = $e; $one !== null; $one = $one->getPrevious()) {
            $lines[] = $one::class.': '.self::withoutWhatWasTyped($one).' at '.self::short($one->getFile()).':'.$one->getLine();
        }
        foreach (array_slice($e->getTrace(), 0, 30) as $call) {
            $lines[] =
                '  '.
                self::short($call['file'] ?? '').
                ':'.
                ($call['line'] ?? '').
                ' '.
                ($call['class'] ?? '').
                ($call['type'] ?? '').
                $call['function'];
        }
        try {
            Log::error("Number {$this->number($e)}\n".implode("\n", $lines));
        } catch (Throwable) {
            // The disk may be what is wrong: then the number is all there is, and it is said on the standard error.
            error_log("Nebbia: number {$this->number($e)}, ".$lines[0]);
        }
    }

    /** @return array{int, string}|null */
    private static function known(Throwable $e): ?array
    {
        for ($one = $e; $one !== null; $one = $one->getPrevious()) {
            if ($one instanceof NewerDatabase) {
                return [500, 'newer'];
            }
            if ($one instanceof SQLiteDatabaseDoesNotExistException) {
                return self::WORDS[14];
            }
            if ($one instanceof PDOException && ! ($one instanceof QueryException)) {
                $code = (int) ($one->errorInfo[1] ?? 0);
                if ($code === 1 && preg_match('/no such (table|column)/', $one->getMessage()) === 1) {
                    return [500, 'older'];
                }
                if ($code === 0 && preg_match('/\[(\d+)\]/', $one->getMessage(), $found) === 1) {
                    $code = (int) $found[1];
                }

                return self::WORDS[$code & 0xFF] ?? null;
            }
        }

        return str_contains($e->getMessage(), 'No space left on device') ? self::WORDS[13] : null;
    }

    /** A failed query repeats what was to be stored; SQLite's own words do not. */
    private static function withoutWhatWasTyped(Throwable $e): string
    {
        $text =
            $e instanceof QueryException
                ? ($e->getPrevious()?->getMessage() ?? 'a query failed').' in '.$e->getSql()
                : $e->getMessage();
        // What is quoted may have been typed.
        $text = (string) preg_replace('/(["\'“”]).{25,}?\1/su', '$1…$1', mb_scrub($text));

        return mb_substr((string) preg_replace('/[\p{Cc}]+/u', ' ', $text), 0, 500);
    }

    private function place(): string
    {
        return self::short(rtrim(config()->string('logging.folder'), '/')).'/nebbia-'.date('Y-m-d').'.log';
    }

    private static function short(string $path): string
    {
        return str_replace(base_path().'/', '', $path);
    }
}
