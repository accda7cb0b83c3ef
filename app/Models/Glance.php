<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * How something was, in a word: a planting, a trouble on it, or what was sprayed that is no plant.
 *
 * @property string $garden_id
 * @property string|null $planting_id
 * @property string|null $trouble_id
 * @property string|null $application_id the spray that it is looked at after
 * @property GlanceWord $word
 * @property CarbonImmutable $seen_at UTC
 * @property string|null $note
 */
final class Glance extends HouseholdModel
{
    protected $attributes = ['planting_id' => null, 'trouble_id' => null, 'application_id' => null, 'note' => null];

    protected function readable(): array
    {
        return ['word' => [static fn (mixed $raw): bool => is_string($raw) && GlanceWord::tryFrom($raw) !== null, self::ASIDE]];
    }

    protected function casts(): array
    {
        return ['word' => GlanceWord::class, 'seen_at' => 'immutable_datetime'];
    }
}
