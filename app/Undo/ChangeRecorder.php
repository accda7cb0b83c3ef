<?php

declare(strict_types=1);

namespace App\Undo;

use App\Models\Change;
use App\Models\Garden;
use App\Models\HouseholdModel;
use Closure;
use Illuminate\Support\Facades\DB;

/**
 * Does a piece of work in one transaction and remembers what it changed.
 */
final class ChangeRecorder
{
    /** @var list<array{event: string, model: class-string<HouseholdModel>, id: string, version: int, before: array<string, mixed>}>|null */
    private ?array $entries = null;

    public function __construct(private readonly ForgetChanges $forget) {}

    /**
     * @template T
     *
     * @param  string  $label  what was done, as the undo button says it
     * @param  Closure(): T  $work
     * @return array{T, Change} the work's result, and the change that can be undone
     */
    public function record(Garden $garden, string $label, Closure $work): array
    {
        return DB::transaction(function () use ($garden, $label, $work): array {
            $this->entries = [];
            try {
                $result = $work();
                $change = Change::query()->create([
                    'garden_id' => $garden->id, 'label' => $label, 'entries' => $this->entries, 'made_at' => $garden->now(),
                ]);
            } finally {
                $this->entries = null;
            }

            ($this->forget)($garden);

            return [$result, $change];
        });
    }

    /** Called for every event of a household's row; heard only while something is recorded. */
    public function note(string $event, HouseholdModel $model): void
    {
        if ($this->entries === null) {
            return;
        }
        // A deletion or restoration is noted as such; the update it also is would be noted twice.
        $before = [];
        foreach (array_keys($model->getChanges()) as $key) {
            $before[$key] = $model->getRawOriginal($key);
        }
        $this->entries[] = [
            'event' => $event, 'model' => $model::class, 'id' => $model->id, 'version' => $model->version,
            'before' => $event === 'updated' ? $before : [],
        ];
    }
}
