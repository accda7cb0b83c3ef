<?php

declare(strict_types=1);

namespace App\Models;

use App\Exceptions\StaleWrite;
use App\Time\Clock;
use App\Undo\ChangeRecorder;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A row that a household edits: it has a ULID and a version, goes softly, and its changes can be undone.
 *
 * @property string $id
 * @property int $version
 * @property CarbonImmutable|null $created_at
 * @property CarbonImmutable|null $updated_at
 * @property CarbonImmutable|null $deleted_at
 */
abstract class HouseholdModel extends Model
{
    use HasUlids;
    use SoftDeletes;

    protected $guarded = [];

    /** Events that undo has to hear of. */
    private const NOTED = ['created', 'updated', 'deleted', 'restored'];

    /**
     * Counts versions and tells the recorder, here and not by listeners: those would be registered anew for every model in
     * every request, which the bench would feel at each key.
     *
     * @param  string  $event
     * @param  bool  $halt
     */
    protected function fireModelEvent($event, $halt = true): mixed
    {
        if ($event === 'creating') {
            $this->setAttribute('version', 1);
        } elseif ($event === 'updating') {
            $this->setAttribute('version', $this->version + 1);
        }
        $result = parent::fireModelEvent($event, $halt);
        if (in_array($event, self::NOTED, true)) {
            app(ChangeRecorder::class)->note($event, $this);
        }

        return $result;
    }

    /** When a row was made and changed is told in its garden's own time. */
    public function freshTimestamp(): Carbon
    {
        $garden = $this->getAttributes()['garden_id'] ?? null;

        return Carbon::instance(is_string($garden) ? app(Clock::class)->inGarden($garden) : ($this instanceof Garden ? $this->now() : app(Clock::class)->now()));
    }

    /**
     * Refuses to go on where the row is not the version the writer has seen.
     *
     * @param  array<string, mixed>  $yours  what the writer wanted to store
     * @param  mixed  $theirs  the row as it is now, for the screen
     *
     * @throws StaleWrite
     */
    public function refuseStale(int $seen, array $yours, mixed $theirs): void
    {
        if ($this->version !== $seen) {
            throw new StaleWrite($yours, $theirs);
        }
    }
}
