<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Nebbia\Core\Shelf\KeepingPlace;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\Stay;

/**
 * Something made ahead: what goes into it, how far it has got, and what is left of it. Times are UTC.
 *
 * @property string $garden_id
 * @property string $kind
 * @property string $name
 * @property array<string, mixed> $body nebbia.preparation/1
 * @property string|null $sprayer_id that it is meant for
 * @property CarbonImmutable $started_at
 * @property CarbonImmutable|null $stirred_at
 * @property CarbonImmutable|null $strained_at
 * @property list<array{place: string, since: string}> $stays
 * @property array<int, string> $done step => when
 * @property array<int, string> $timers step => when it was started
 * @property float|null $left_ml
 * @property float|null $ph
 * @property array{clear: bool, ph: float}|null $test
 * @property string|null $note
 */
final class Preparation extends HouseholdModel
{
    protected $attributes = [
        'sprayer_id' => null,
        'stirred_at' => null,
        'strained_at' => null,
        'stays' => '[]',
        'done' => '[]',
        'timers' => '[]',
        'left_ml' => null,
        'ph' => null,
        'test' => null,
        'note' => null,
    ];

    protected function readable(): array
    {
        return [
            'kind' => [Spoilt::reads(static fn (mixed $raw) => app(Kinds::class)->get(is_string($raw) ? $raw : '')), self::ASIDE],
            'body' => [Spoilt::map(), self::ASIDE],
            'stays' => [
                Spoilt::list(
                    static fn (mixed $one): bool => is_array($one) &&
                        is_string($one['since'] ?? null) &&
                        is_string($one['place'] ?? null) &&
                        KeepingPlace::tryFrom($one['place']) !== null,
                ),
                '[]',
            ],
            'done' => [Spoilt::map(is_string(...)), '[]'],
            'timers' => [Spoilt::map(is_string(...)), '[]'],
        ];
    }

    protected function casts(): array
    {
        return [
            'body' => 'array',
            'stays' => 'array',
            'done' => 'array',
            'timers' => 'array',
            'test' => 'array',
            'left_ml' => 'float',
            'ph' => 'float',
            'started_at' => 'immutable_datetime',
            'stirred_at' => 'immutable_datetime',
            'strained_at' => 'immutable_datetime',
        ];
    }

    /** @return list<Stay> */
    public function stayed(): array
    {
        return array_map(
            static fn (array $stay): Stay => new Stay(KeepingPlace::from($stay['place']), CarbonImmutable::parse($stay['since'], 'UTC')),
            $this->stays,
        );
    }

    public function place(): ?KeepingPlace
    {
        $last = $this->stays === [] ? null : $this->stays[count($this->stays) - 1];

        return $last === null ? null : KeepingPlace::from($last['place']);
    }
}
