<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * One look at a planting: which signs were there, which not, and what they pointed to on that day.
 *
 * @property string $garden_id
 * @property string $planting_id
 * @property string|null $trouble_id
 * @property CarbonImmutable $scouted_at UTC
 * @property list<string> $present signs
 * @property list<string> $absent signs
 * @property list<string> $weather
 * @property list<array{target: string, name: string, probability: float}> $causes
 * @property string|null $note
 * @property string|null $photo a file of the photos disk
 */
final class Scouting extends HouseholdModel
{
    protected $attributes = ['trouble_id' => null, 'note' => null, 'photo' => null];

    protected function readable(): array
    {
        return [
            'present' => [Spoilt::texts(), '[]'],
            'absent' => [Spoilt::texts(), '[]'],
            'weather' => [Spoilt::texts(), '[]'],
            'causes' => [Spoilt::map(), '[]'],
        ];
    }

    protected function casts(): array
    {
        return ['scouted_at' => 'immutable_datetime', 'present' => 'array', 'absent' => 'array', 'weather' => 'array', 'causes' => 'array'];
    }
}
