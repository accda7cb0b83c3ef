<?php

declare(strict_types=1);

namespace App\Keep\Backup;

/** What a backup holds that was checked. */
final readonly class BackupContents
{
    /**
     * @param  list<array{id: string, name: string, time_zone: string}>  $gardens
     * @param  array<string, int>  $rows  table => how many
     * @param  list<string>  $photos  paths
     */
    public function __construct(
        public string $takenAt,
        public int $schema,
        public array $gardens,
        public array $rows,
        public array $photos,
    ) {}

    public function sprays(): int
    {
        return $this->rows['applications'] ?? 0;
    }

    public function plantings(): int
    {
        return $this->rows['plantings'] ?? 0;
    }
}
