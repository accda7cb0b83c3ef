<?php

declare(strict_types=1);

namespace App\Models;

use App\Core\Say;
use App\Exceptions\StaleWrite;
use App\Time\Clock;
use App\Undo\ChangeRecorder;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Eloquent\Collection;
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

    /** Stands for a row that is put aside where its column cannot be read. */
    protected const ASIDE = "\0aside";

    private bool $isAside = false;

    /** Events that undo has to hear of. */
    private const NOTED = ['created', 'updated', 'deleted', 'restored'];

    /**
     * What its columns must hold to be read: column => [whether this is readable, of the value and the whole row; what stands in its place
     * if not].
     *
     * @return array<string, array{Closure, string|null}>
     */
    protected function readable(): array
    {
        return [];
    }

    /** What such a row is called where it is told of. */
    protected function kind(): string
    {
        return strtolower(class_basename($this));
    }

    /**
     * @param  array<string, mixed>|object  $attributes
     * @param  string|null  $connection
     */
    public function newFromBuilder($attributes = [], $connection = null): static
    {
        $row = (array) $attributes;
        $spoilt = false;
        $aside = false;
        foreach ($this->readable() as $column => [$isReadable, $instead]) {
            if (array_key_exists($column, $row) && ! $isReadable($row[$column], $row)) {
                $spoilt = true;
                $aside = $aside || $instead === self::ASIDE;
                $row[$column] = $instead === self::ASIDE ? $row[$column] : $instead;
            }
        }
        if ($spoilt) {
            $name = is_string($row['name'] ?? null) ? $row['name'] : (string) ($row['id'] ?? '');
            $row = array_key_exists('name', $row) ? ['name' => Say::it('refused.unreadable-row', ['name' => $name])] + $row : $row;
        }
        $model = parent::newFromBuilder($row, $connection);
        $model->isAside = $aside;
        if ($spoilt) {
            app(Spoilt::class)->note($model, $this->kind(), $name);
        }

        return $model;
    }

    /**
     * @param  array<array-key, static>  $models
     * @return Collection<array-key, static>
     */
    public function newCollection(array $models = []): Collection
    {
        $read = array_filter($models, static fn (Model $one): bool => ! ($one instanceof self && $one->isAside));

        // Where none is aside the keys stay, as Eloquent has set them.
        return new Collection(count($read) === count($models) ? $models : array_values($read));
    }

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

        return Carbon::instance(
            is_string($garden) ? app(Clock::class)->inGarden($garden) : ($this instanceof Garden ? $this->now() : app(Clock::class)->now()),
        );
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
