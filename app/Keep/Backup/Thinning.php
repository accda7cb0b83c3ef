<?php

declare(strict_types=1);

namespace App\Keep\Backup;

/**
 * Which backups go. Of those that take themselves the newest of each of fourteen days and of each of twelve months stay; of those that
 * somebody took, or that were taken before something great was done, the newest ten of each kind.
 */
final class Thinning
{
    private const DAYS = 14;

    private const MONTHS = 12;

    private const OTHERS = 10;

    /**
     * @param  list<BackupName>  $all  in any order
     * @return list<string> names of those that go, the oldest first
     */
    public static function goes(array $all): array
    {
        usort($all, static fn (BackupName $a, BackupName $b): int => $b->takenAt <=> $a->takenAt);
        $days = $months = $others = $goes = [];
        foreach ($all as $one) {
            if ($one->kind !== BackupKind::Daily) {
                $others[$one->kind->value] = ($others[$one->kind->value] ?? 0) + 1;
                $stays = $others[$one->kind->value] <= self::OTHERS;
            } else {
                $day = $one->takenAt->format('Y-m-d');
                $month = $one->takenAt->format('Y-m');
                $stays = (! isset($days[$day]) && count($days) < self::DAYS) || (! isset($months[$month]) && count($months) < self::MONTHS);
                $days[$day] = true;
                $months[$month] = true;
            }
            if (! $stays) {
                $goes[] = $one->name;
            }
        }

        return array_reverse($goes);
    }
}
