<?php

declare(strict_types=1);

namespace App\Models;

use Closure;

/**
 * Rows that cannot be read back, from another version or a hand in the file. What of such a row is no more is put aside or made
 * empty, so that the rest can be shown; and it is told which they are, once a request.
 */
final class Spoilt
{
    /** @var array<string, array{kind: string, name: string}> */
    private array $found = [];

    public function note(HouseholdModel $row, string $kind, string $name): void
    {
        $this->found["$kind.$row->id"] = ['kind' => $kind, 'name' => $name];
    }

    /** @return list<string> in words */
    public function said(): array
    {
        return array_map(static fn (array $one): string => "{$one['name']} ({$one['kind']})", array_values($this->found));
    }

    public function forget(): void
    {
        $this->found = [];
    }

    // What columns must hold, by what is read of them.

    public static function list(?Closure $each = null): Closure
    {
        return static function (mixed $raw) use ($each): bool {
            $value = is_string($raw) ? json_decode($raw, true) : null;

            return is_array($value) &&
                array_is_list($value) &&
                ($each === null || array_filter($value, static fn (mixed $one): bool => ! $each($one)) === []);
        };
    }

    public static function texts(): Closure
    {
        return self::list(is_string(...));
    }

    public static function map(?Closure $each = null): Closure
    {
        return static function (mixed $raw) use ($each): bool {
            $value = is_string($raw) ? json_decode($raw, true) : null;

            return is_array($value) && ($each === null || array_filter($value, static fn (mixed $one): bool => ! $each($one)) === []);
        };
    }

    public static function or(Closure $one): Closure
    {
        return static fn (mixed $raw): bool => $raw === null || $one($raw);
    }

    /** What core reads without complaint. */
    public static function reads(Closure $read): Closure
    {
        return static function (mixed $raw) use ($read): bool {
            try {
                $read($raw);

                return true;
            } catch (\Throwable) {
                return false;
            }
        };
    }
}
