<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A measure that is not a spray, done.
 *
 * @property string $garden_id
 * @property string $trouble_id
 * @property string $tactic
 * @property CarbonImmutable $done_at UTC
 * @property string|null $note
 */
final class TacticUse extends HouseholdModel
{
    protected $attributes = ['note' => null];

    protected function casts(): array
    {
        return ['done_at' => 'immutable_datetime'];
    }
}
