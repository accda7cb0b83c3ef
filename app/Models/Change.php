<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * One thing a gardener did, with what every row was before and after it, so that it can be undone.
 *
 * @phpstan-type Row array<string, mixed>
 * @phpstan-type Entry array{event: string, model: class-string<HouseholdModel>, id: string, version: int, before: Row}
 *
 * @property string $id
 * @property string $garden_id
 * @property string $label
 * @property list<Entry> $entries
 * @property CarbonImmutable $made_at
 * @property CarbonImmutable|null $undone_at
 */
final class Change extends Model
{
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['entries' => 'array', 'made_at' => 'immutable_datetime', 'undone_at' => 'immutable_datetime'];
    }
}
