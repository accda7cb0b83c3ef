<?php

declare(strict_types=1);

namespace Nebbia\Core\Tests;

use Closure;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Throwable;

/**
 * Whole tables, gone through one by one: nothing may throw, and nothing may be said that no one could read. With SWEEP=all every
 * case is tried, else the same part on every machine (SWEEP_SEED chooses another part).
 */
final class Sweep
{
    private static ?Catalogue $catalogue = null;

    /** Where a sentence may be empty: nothing is to be done, or nothing to be added. */
    private const MAY_BE_EMPTY = ['instead', 'because', 'note', 'ground', 'source', 'id', 'rule'];

    public static function catalogue(): Catalogue
    {
        return self::$catalogue ??= Cases::english();
    }

    /** Whether this case is tried in this run: one in `$of`, or all. */
    public static function takes(string $case, int $of): bool
    {
        return getenv('SWEEP') === 'all' || crc32($case.(getenv('SWEEP_SEED') ?: '')) % $of === 0;
    }

    /**
     * @param  Closure(): mixed  $said  all that is said of a case: texts, messages, findings, lists of them
     * @param  list<string>  $faults  what is wrong is added
     */
    public static function try(string $case, Closure $said, array &$faults): void
    {
        try {
            foreach (self::faultsOf(self::words($said())) as $fault) {
                $faults[] = "$case: $fault";
            }
        } catch (BadInput $e) {
            foreach (self::faultsOf(self::catalogue()->say($e->said)) as $fault) {
                $faults[] = "$case: $fault";
            }
        } catch (Throwable $e) {
            $faults[] = "$case: ".$e::class.' '.$e->getMessage().' at '.basename($e->getFile()).':'.$e->getLine();
        }
    }

    /** @return list<string> what no one could read in it: an empty sentence, a raw key, a number nobody measures, a brace */
    public static function faultsOf(mixed $said, string $at = ''): array
    {
        if (is_array($said)) {
            $faults = [];
            foreach ($said as $key => $one) {
                $faults = [...$faults, ...self::faultsOf($one, ltrim("$at.$key", '.'))];
            }

            return $faults;
        }
        if (! is_string($said)) {
            return [];
        }
        $key = substr((string) strrchr(".$at", '.'), 1);

        return array_values(array_filter([
            trim($said) === '' && in_array($key, ['what', 'title', 'text', 'how', 'message'], true) ? "$at is empty" : null,
            preg_match('/\d[.,]\d{5,}/', $said) === 1 ? "$at has a number nobody measures: $said" : null,
            preg_match('/^[a-z][a-z0-9]*(-[a-z0-9]+)*(\.[a-z0-9-]+)+$/', $said) === 1 && self::catalogue()->has($said) && ! in_array($key, self::MAY_BE_EMPTY, true) ? "$at is a raw key: $said" : null,
            preg_match('/\([^()]*\([^()]*\)/', $said) === 1 ? "$at has a bracket inside a bracket: $said" : null,
            preg_match('/[{}]|\bNAN\b|\bINF\b/', $said) === 1 ? "$at cannot be read: $said" : null,
            preg_match('/\s/', $said) === 1 && preg_match(self::ids(), $said, $id) === 1 ? "$at says $id[0], which is no word: $said" : null,
        ]));
    }

    /** Names that only data go by: "liquid-castile-soap" is no word in a sentence. */
    private static function ids(): string
    {
        static $pattern = null;
        if (! is_string($pattern)) {
            $ids = [];
            foreach (['ingredients', 'plants', 'targets', 'substances', 'remedies', 'tactics'] as $table) {
                foreach (Cases::table($table)->rows() as $row) {
                    $ids[$row->string('id')] = mb_strtolower(implode(' | ', [$row->string('name', ''), ...$row->strings('also')]));
                }
            }
            $bare = array_keys(array_filter($ids, static fn (string $said, string $id): bool => str_contains($id, '-') && ! str_contains($said, $id), ARRAY_FILTER_USE_BOTH));
            $pattern = '/(?<![\w-])(?:'.implode('|', array_map(preg_quote(...), $bare)).')(?![\w-])/';
        }

        return $pattern;
    }

    private static function words(mixed $said): mixed
    {
        return match (true) {
            $said instanceof Message => self::catalogue()->say($said),
            $said instanceof Finding => $said->toArray(self::catalogue()),
            is_array($said) => array_map(self::words(...), $said),
            default => $said,
        };
    }
}
