<?php

declare(strict_types=1);

namespace Nebbia\Core\Data;

/**
 * Finds a row by its id or any other name people use, without regard to case, hyphens or a plural s.
 */
final class Names
{
    /** Letters of a name for each that may be amiss in it: a slip of the finger is met, another word is not. */
    private const LETTERS_A_SLIP = 4;

    private const MOST_SLIPS = 3;

    /** Letters of a name in which one may be amiss, and of one in which two may. */
    private const SHORT = 5;

    private const LONG = 8;

    /** @var array<string, string> folded name => id */
    private array $ids = [];

    /** @var array<string, string> id => as it is said */
    private array $said = [];

    /** @param  list<Row>  $rows with `id`, and perhaps `name`, `botanical`, `also`, `abroad` */
    public static function of(array $rows): self
    {
        $names = new self();
        foreach ($rows as $row) {
            $all = [
                $row->string('id'),
                $row->string('name', ''),
                $row->string('botanical', ''),
                ...$row->strings('also'),
                ...$row->strings('abroad'),
            ];
            $names->said[$row->string('id')] = $row->string('name', $row->string('id'));
            foreach ($all as $name) {
                $names->ids[self::fold($name)] ??= $row->string('id');
            }
        }
        // An id is always itself, whatever another row is also called.
        foreach ($rows as $row) {
            $names->ids[self::fold($row->string('id'))] = $row->string('id');
        }
        unset($names->ids['']);

        return $names;
    }

    public function find(string $name): ?string
    {
        $folded = self::fold($name);

        return $this->ids[$folded] ?? (str_ends_with($folded, 's') ? $this->ids[substr($folded, 0, -1)] ?? null : null);
    }

    /** @return list<string> all names, folded */
    public function all(): array
    {
        return array_map(strval(...), array_keys($this->ids));
    }

    /** What goes by the name that is spelled most like it, as people call it; null where none is near. */
    public function nearest(string $name): ?string
    {
        $id = $this->nearestId($name);

        return $id === null ? null : $this->said[$id];
    }

    /** A slip of the finger: the same first letter, one letter amiss of five, two of eight; as people call it. */
    public function slip(string $name): ?string
    {
        $folded = self::fold($name);
        $most = match (true) {
            strlen($folded) >= self::LONG => 2,
            strlen($folded) >= self::SHORT => 1,
            default => 0,
        };
        foreach ($most === 0 || strlen($folded) > 60 ? [] : $this->ids as $known => $id) {
            $known = (string) $known;
            if (
                ($known[0] ?? '') === $folded[0] &&
                abs(strlen($known) - strlen($folded)) <= $most &&
                levenshtein($folded, $known) <= $most
            ) {
                return $this->said[$id];
            }
        }

        return null;
    }

    public function nearestId(string $name): ?string
    {
        $folded = substr(self::fold($name), 0, 60);
        $best = null;
        $bestDistance = min(self::MOST_SLIPS, max(1, intdiv(strlen($folded), self::LETTERS_A_SLIP))) + 1;
        foreach ($this->ids as $known => $id) {
            $distance = levenshtein($folded, substr((string) $known, 0, 60));
            if ($distance < $bestDistance) {
                $best = $id;
                $bestDistance = $distance;
            }
        }

        return $best;
    }

    /** As names are compared: small letters, one space for spaces, hyphens and underscores. */
    public static function fold(string $name): string
    {
        return trim((string) preg_replace('/[\s_\-]+/u', ' ', mb_strtolower($name)));
    }
}
