<?php

declare(strict_types=1);

namespace App\Keep\Backup;

use Carbon\CarbonImmutable;

/** A backup by its name, which says when and why it was taken: nebbia-2026-11-28-183012-daily.zip, in UTC. */
final readonly class BackupName
{
    private function __construct(public string $name, public BackupKind $kind, public CarbonImmutable $takenAt) {}

    public static function of(BackupKind $kind, CarbonImmutable $at): self
    {
        $at = $at->utc()->startOfSecond();

        return new self("nebbia-{$at->format('Y-m-d-His')}-$kind->value.zip", $kind, $at);
    }

    /** Null where it is no backup's name. */
    public static function read(string $name): ?self
    {
        if (preg_match('/^nebbia-(\d{4}-\d\d-\d\d-\d{6})-([a-z-]+)\.zip$/D', $name, $found) !== 1) {
            return null;
        }
        $kind = BackupKind::tryFrom($found[2]);
        $at = CarbonImmutable::createFromFormat('Y-m-d-His', $found[1], 'UTC');

        return $kind === null || $at === null || $at->format('Y-m-d-His') !== $found[1] ? null : new self($name, $kind, $at);
    }
}
