<?php

declare(strict_types=1);

namespace Nebbia\Core\Data;

use BackedEnum;

/**
 * One row of the project's own data, read with types. A row that is not as it should be is a fault of the data.
 */
final readonly class Row
{
    /** @param  array<array-key, mixed>  $values */
    private function __construct(
        private array $values,
        private string $where,
    ) {}

    public static function of(mixed $values, string $where): self
    {
        return is_array($values) ? new self($values, $where) : throw BrokenData::notARow($where);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $values = [];
        foreach ($this->values as $name => $value) {
            $values[(string) $name] = $value;
        }

        return $values;
    }

    public function has(string $key): bool
    {
        return isset($this->values[$key]);
    }

    public function string(string $key, ?string $default = null): string
    {
        $value = $this->values[$key] ?? $default;

        return is_string($value) ? $value : throw BrokenData::lacks($key, $this->where);
    }

    /**
     * One of the words of an enumeration.
     *
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $words
     * @return T
     *
     * @throws BrokenData naming the words that there are
     */
    public function oneOf(string $key, string $words, ?string $default = null): BackedEnum
    {
        $word = $this->string($key, $default);

        return $words::tryFrom($word) ?? throw BrokenData::notOneOf($key, $word, array_column($words::cases(), 'value'), $this->where);
    }

    public function bool(string $key): bool
    {
        return ($this->values[$key] ?? false) === true;
    }

    public function float(string $key): float
    {
        $value = $this->values[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : throw BrokenData::lacks($key, $this->where);
    }

    public function row(string $key): self
    {
        return self::of($this->values[$key] ?? null, "$this->where, $key");
    }

    /** @return list<string> */
    public function strings(string $key): array
    {
        $strings = [];
        foreach ($this->array($key) as $value) {
            $strings[] = is_scalar($value) ? (string) $value : throw BrokenData::lacks($key, $this->where);
        }

        return $strings;
    }

    /** @return list<list<string>> */
    public function stringLists(string $key): array
    {
        $lists = [];
        foreach ($this->array($key) as $n => $list) {
            $lists[] = self::of(['list' => $list], "$this->where, $key.$n")->strings('list');
        }

        return $lists;
    }

    /** @return array<string, list<string>> meaning => words */
    public function wordsByMeaning(string $key): array
    {
        $row = $this->row($key);
        $words = [];
        foreach (array_keys($row->toArray()) as $meaning) {
            $words[(string) $meaning] = $row->strings((string) $meaning);
        }

        return $words;
    }

    /** @return array<string, string> */
    public function stringMap(string $key): array
    {
        $map = [];
        foreach ($this->array($key) as $name => $value) {
            $map[(string) $name] = is_scalar($value) ? (string) $value : throw BrokenData::lacks($key, $this->where);
        }

        return $map;
    }

    /** @return list<float|null> */
    public function floats(string $key): array
    {
        $floats = [];
        foreach ($this->array($key) as $value) {
            $floats[] = is_int($value) || is_float($value) ? (float) $value : null;
        }

        return $floats;
    }

    /** @return array<string, Row> */
    public function rows(string $key): array
    {
        $rows = [];
        foreach ($this->array($key) as $name => $value) {
            $own = is_array($value) && is_string($value['id'] ?? null) ? $value['id'] : "$key.$name";
            $rows[(string) $name] = self::of($value, "$this->where, $own");
        }

        return $rows;
    }

    /** @return list<list<float>> rows of numbers, as a table of densities is */
    public function table(string $key): array
    {
        $table = [];
        foreach ($this->array($key) as $line) {
            $numbers = [];
            foreach (is_array($line) ? $line : [] as $number) {
                $numbers[] = is_numeric($number) ? (float) $number : throw BrokenData::lacks($key, $this->where);
            }
            $table[] = $numbers;
        }

        return $table;
    }

    /** Reads `likely` with `low` and `high`, which are the likely value where they are left out. */
    public function interval(): Interval
    {
        $likely = $this->float('likely');

        return Interval::of(
            $this->has('low') ? $this->float('low') : $likely,
            $likely,
            $this->has('high') ? $this->float('high') : $likely,
        );
    }

    /** @return array<array-key, mixed> */
    private function array(string $key): array
    {
        $value = $this->values[$key] ?? [];

        return is_array($value) ? $value : throw BrokenData::lacks($key, $this->where);
    }
}
