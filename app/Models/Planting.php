<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * This gardener's own plants of one kind in one place.
 *
 * @property string $garden_id
 * @property string $zone_id
 * @property string $plant a kind of plant that core knows
 * @property string $name
 * @property int $number
 * @property string $stage
 * @property string|null $note
 * @property-read Zone $zone
 */
final class Planting extends HouseholdModel
{
    /** @return BelongsTo<Zone, $this> */
    public function zone(): BelongsTo
    {
        return $this->belongsTo(Zone::class);
    }
}
