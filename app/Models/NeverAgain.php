<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What is never to be put on a plant again.
 *
 * @property string $garden_id
 * @property string $planting_id
 * @property string $ingredient an id of core's, or the name of a thing of one's own
 * @property bool $whole_kind all plants of its kind in this garden
 * @property string|null $why
 * @property CarbonImmutable $said_on
 * @property-read Planting $planting
 */
final class NeverAgain extends HouseholdModel
{
    protected $table = 'nevers';

    protected $attributes = ['whole_kind' => false, 'why' => null];

    protected function casts(): array
    {
        return ['whole_kind' => 'boolean', 'said_on' => 'immutable_date:Y-m-d'];
    }

    /** @return BelongsTo<Planting, $this> */
    public function planting(): BelongsTo
    {
        return $this->belongsTo(Planting::class)->withTrashed();
    }
}
