<?php

declare(strict_types=1);

namespace Nebbia\Core\Knowledge;

/**
 * Finds a row by its id or any other name people use, without regard to case, hyphens or a plural s.
 */
final class Names
{
    /** @var array<string, string> folded name => id */
    private array $ids = [];

    /** @param  list<Row>  $rows with `id`, and perhaps `name`, `botanical`, `also`, `abroad` */
    public static function of(array $rows): self
    {
        $names = new self;
        foreach ($rows as $row) {
            $all = [$row->string('id'), $row->string('name', ''), $row->string('botanical', ''), ...$row->strings('also'), ...$row->strings('abroad')];
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

    /** The id whose name is spelled most like it, if any is near. */
    public function nearest(string $name): ?string
    {
        $folded = substr(self::fold($name), 0, 60);
        $best = null;
        $bestDistance = max(2, intdiv(strlen($folded), 3)) + 1;
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
