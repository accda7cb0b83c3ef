<?php

declare(strict_types=1);

namespace App\Undo;

use App\Models\Change;
use App\Models\Garden;
use Illuminate\Support\Facades\DB;

/**
 * Takes a change back, unless one of its rows has been changed again since.
 *
 * @phpstan-import-type Entry from Change
 */
final class UndoChange
{
    /** @throws CannotUndo */
    public function __invoke(Garden $garden, Change $change): void
    {
        if ($change->undone_at !== null) {
            throw CannotUndo::already();
        }
        if ($change->made_at->lessThan($garden->now()->subDays(config()->integer('nebbia.undo_days')))) {
            throw CannotUndo::tooOld(config()->integer('nebbia.undo_days'));
        }
        DB::transaction(function () use ($garden, $change): void {
            foreach (array_reverse($this->lastOfEach($change)) as [$entry, $before]) {
                $row = $entry['model']::withTrashed()->find($entry['id']) ?? throw CannotUndo::changedSince();
                // What was made and deleted since is gone by another change, which can be taken back itself.
                if ($row->version !== $entry['version'] || $row->trashed() !== ($entry['event'] === 'deleted')) {
                    throw CannotUndo::changedSince();
                }
                match ($entry['event']) {
                    'created' => $row->delete(),
                    // As it was, its version included: whoever has seen it then has seen what is there now.
                    'deleted' => $row
                        ->newQueryWithoutScopes()
                        ->whereKey($row->id)
                        ->toBase()
                        ->update(['deleted_at' => null]),
                    'restored' => $row->delete(),
                    default => $row->setRawAttributes([...$row->getAttributes(), ...$before])->save(),
                };
            }
            $change->update(['undone_at' => $garden->now()]);
        });
    }

    /**
     * One step a row: its last version, and what it was before the first of several updates.
     *
     * @return list<array{Entry, array<string, mixed>}>
     */
    private function lastOfEach(Change $change): array
    {
        $steps = [];
        foreach ($change->entries as $entry) {
            $key = $entry['model'].$entry['id'];
            $before = array_diff_key($entry['before'], ['version' => 1, 'updated_at' => 1]);
            if (isset($steps[$key])) {
                $steps[$key][0]['version'] = $entry['version'];
                $steps[$key][1] += $before;
            } else {
                $steps[$key] = [$entry, $before];
            }
        }

        return array_values($steps);
    }
}
