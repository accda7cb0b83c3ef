<?php

declare(strict_types=1);

namespace App\Keep\Takeout;

use App\Models\Change;

/** What an import has done, or would do. */
final class Imported
{
    public int $added = 0;

    public int $same = 0;

    /** @var list<array{table: string, name: string, won: 'file'|'here'}> rows that differ, and which is newer */
    public array $conflicts = [];

    /** @var list<string> */
    public array $photos = [];

    public ?Change $change = null;

    public string $gardenId = '';

    public string $name = '';

    public bool $isRenamed = false;

    public int $conflictsNotListed = 0;

    /** At most so many are listed; the rest is counted. */
    private const LISTED = 200;

    /** @param  'file'|'here'  $won */
    public function conflict(string $table, string $name, string $won): void
    {
        if (count($this->conflicts) < self::LISTED) {
            $this->conflicts[] = ['table' => $table, 'name' => $name, 'won' => $won];
        } else {
            $this->conflictsNotListed++;
        }
    }
}
