<?php

declare(strict_types=1);

namespace App\Keep\Backup;

/** Why a backup was taken. */
enum BackupKind: string
{
    case Daily = 'daily';
    case ByHand = 'by-hand';
    case BeforeRestore = 'before-restore';
    case BeforeMigration = 'before-migration';
}
