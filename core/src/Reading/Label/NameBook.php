<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label;

use Nebbia\Core\Data\Table;

/** The names of core/data/bottle-names.yaml, looked up as people type them. */
final readonly class NameBook
{
    /** Shorter names are not guessed at, nor looked for inside of longer ones. */
    private const SHORTEST = 4;

    /** @var array<string, array{string, PartClass}> folded name => name, class */
    private array $names;

    /** @var list<array{string, PartClass, string}> id, class, pattern */
    private array $patterns;

    /** Of the longest name: what is longer is not looked up. */
    private int $mostWords;

    /** @var array<int, list<string>> names by their length */
    private array $byLength;

    public function __construct(Table $bottleNames)
    {
        $names = $byLength = [];
        foreach ($bottleNames->rows('names') as $row) {
            foreach ($row->strings('names') as $name) {
                $folded = Fold::name($name);
                if (! isset($names[$folded])) {
                    $names[$folded] = [$row->bool('each') ? $name : $row->strings('names')[0], $row->oneOf('class', PartClass::class)];
                    $byLength[strlen($folded)][] = $folded;
                }
            }
        }
        $this->names = $names;
        $this->mostWords = max(
            1,
            ...array_map(static fn (string $name): int => substr_count($name, ' ') + 1, array_map(strval(...), array_keys($names))),
        );
        $this->byLength = $byLength;
        $this->patterns = array_values(
            array_map(
                static fn ($row): array => [
                    $row->string('id'),
                    $row->oneOf('class', PartClass::class),
                    '/'.$row->string('pattern').'/u',
                ],
                $bottleNames->rows('patterns'),
            ),
        );
    }

    public function count(): int
    {
        return count($this->names);
    }

    /**
     * What a name is; null where nothing comes near.
     *
     * @return array{string, PartClass, bool}|null name, class, whether it was guessed through a slip of the pen
     */
    public function find(string $text): ?array
    {
        $folded = Fold::name($text);
        if ($folded === '') {
            return null;
        }
        if (isset($this->names[$folded])) {
            return [...$this->names[$folded], false];
        }
        foreach ($this->patterns as [, $class, $pattern]) {
            if (preg_match($pattern, $folded) === 1) {
                return [trim($text), $class, false];
            }
        }

        return $this->inside($folded) ?? $this->near($folded);
    }

    /**
     * The first name that stands in it as whole words; of those that begin at one place the longest.
     *
     * @return array{string, PartClass, bool}|null
     */
    private function inside(string $folded): ?array
    {
        $words = explode(' ', $folded);
        for ($from = 0, $n = count($words); $from < $n; $from++) {
            for ($to = min($n, $from + $this->mostWords); $to > $from; $to--) {
                $phrase = implode(' ', array_slice($words, $from, $to - $from));
                if (strlen($phrase) >= self::SHORTEST && isset($this->names[$phrase])) {
                    return [...$this->names[$phrase], false];
                }
            }
        }

        return null;
    }

    /**
     * The nearest name within one slip for each six letters, two at least in long ones.
     *
     * @return array{string, PartClass, bool}|null
     */
    private function near(string $folded): ?array
    {
        $length = strlen($folded);
        if ($length <= self::SHORTEST || $length > 60) {
            return null;
        }
        $slips = $length >= 18 ? 3 : ($length >= 10 ? 2 : 1);
        $best = null;
        for ($size = $length - $slips; $size <= $length + $slips; $size++) {
            foreach ($this->byLength[$size] ?? [] as $name) {
                $distance = levenshtein($folded, $name);
                if ($distance <= $slips) {
                    $slips = $distance - 1;
                    $best = $name;
                }
            }
        }

        return $best === null ? null : [...$this->names[$best], true];
    }
}
