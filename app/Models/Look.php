<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * What a spray did to the leaves of a planting: a test patch that waits to be looked at, or an injury that was seen.
 *
 * @property string $garden_id
 * @property string $planting_id
 * @property string|null $application_id
 * @property string|null $recipe_id
 * @property LookKind $kind
 * @property string|null $recipe_name
 * @property float $fraction of the recipe's full strength
 * @property array<string, float> $strengths substance => strength in the unit of its threshold
 * @property int|null $leaves
 * @property CarbonImmutable $put_on_at UTC
 * @property CarbonImmutable|null $look_at UTC
 * @property CarbonImmutable|null $seen_at UTC
 * @property float|null $score 0 none to 10 dead; null until it has been looked at
 * @property string|null $note
 */
final class Look extends HouseholdModel
{
    protected $attributes = [
        'application_id' => null,
        'recipe_id' => null,
        'recipe_name' => null,
        'leaves' => null,
        'look_at' => null,
        'seen_at' => null,
        'score' => null,
        'note' => null,
    ];

    protected function readable(): array
    {
        return [
            'strengths' => [Spoilt::map(static fn (mixed $one): bool => is_int($one) || is_float($one)), self::ASIDE],
        ];
    }

    protected function casts(): array
    {
        return [
            'kind' => LookKind::class,
            'fraction' => 'float',
            'strengths' => 'array',
            'score' => 'float',
            'put_on_at' => 'immutable_datetime',
            'look_at' => 'immutable_datetime',
            'seen_at' => 'immutable_datetime',
        ];
    }
}
