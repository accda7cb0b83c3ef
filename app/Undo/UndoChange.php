<?php

declare(strict_types=1);

namespace App\Undo;

use App\Models\Change;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Takes a change back, unless one of its rows has been changed again since. */
final class UndoChange
{
    /** @throws CannotUndo */
    public function __invoke(Change $change): void
    {
        if ($change->undone_at !== null) {
            throw CannotUndo::already();
        }
        if ($change->made_at->lessThan(CarbonImmutable::now()->subDays(config()->integer('nebbia.undo_days')))) {
            throw CannotUndo::tooOld(config()->integer('nebbia.undo_days'));
        }
        DB::transaction(function () use ($change): void {
            foreach (array_reverse($this->lastOfEach($change)) as [$entry, $before]) {
                $row = $entry['model']::withTrashed()->findOrFail($entry['id']);
                if ($row->version !== $entry['version']) {
                    throw CannotUndo::changedSince();
                }
                match ($entry['event']) {
                    'created' => $row->delete(),
                    'deleted' => $row->restore(),
                    'restored' => $row->delete(),
                    default => $row->setRawAttributes([...$row->getAttributes(), ...$before])->save(),
                };
            }
            $change->update(['undone_at' => CarbonImmutable::now()]);
        });
    }

    /**
     * One step a row: its last version, and what it was before the first of several updates.
     *
     * @return list<array{array{event: string, model: class-string<\App\Models\HouseholdModel>, id: string, version: int, before: array<string, mixed>}, array<string, mixed>}>
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
