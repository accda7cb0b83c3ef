<?php

declare(strict_types=1);

namespace App\Undo;

use App\Models\Change;
use App\Models\Garden;
use App\Models\Scouting;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** Lets changes go that nobody can take back any more, and with them the photos that only they still knew. */
final class ForgetChanges
{
    /** At most so many at once: it is done along with other writing. */
    private const MOST = 200;

    public function __invoke(Garden $garden): void
    {
        $old = Change::query()
            ->where('garden_id', $garden->id)
            ->where('made_at', '<', $garden->now()->subDays(config()->integer('nebbia.undo_days')))
            ->orderBy('made_at')
            ->limit(self::MOST)
            ->get();
        if ($old->isEmpty()) {
            return;
        }
        $photos = [];
        foreach ($old as $change) {
            foreach ($change->entries as $entry) {
                if ($entry['model'] === Scouting::class && is_string($entry['before']['photo'] ?? null)) {
                    $photos[] = $entry['before']['photo'];
                }
            }
        }
        Change::query()->whereKey($old->modelKeys())->delete();
        $still = Scouting::query()->withTrashed()->whereIn('photo', $photos)->pluck('photo')->all();
        $gone = array_values(array_diff($photos, array_filter($still, is_string(...))));
        if ($gone !== []) {
            // Only once it is certain that the rows have gone.
            DB::afterCommit(static fn () => Storage::disk('photos')->delete($gone));
        }
    }
}
