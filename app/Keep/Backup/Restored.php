<?php

declare(strict_types=1);

namespace App\Keep\Backup;

/** What a restore has done. */
final readonly class Restored
{
    /**
     * @param  string|null  $kept  name of the backup that holds what was there before
     * @param  string|null  $putAside  where what could not be read any more lies now
     */
    public function __construct(public BackupContents $contents, public ?string $kept, public ?string $putAside) {}
}
