<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Garden;
use App\Models\LookKind;
use App\Models\Planting;
use Carbon\CarbonImmutable;
use Nebbia\Core\Judgement\Evidence\Observation;
use Nebbia\Core\Judgement\Evidence\OwnEvidence;
use Nebbia\Core\Judgement\History;
use Nebbia\Core\Judgement\Past\PastSpray;
use Nebbia\Core\Judgement\Past\PastSprays;
use Nebbia\Core\Judgement\Soil\SodiumLoad;
use WeakMap;

/**
 * What plantings and sprayers of a garden have had, and what was seen of it. Asked for once for each garden at hand, because a list of
 * rounds asks for each.
 */
final class SprayHistory
{
    /** Longer ago nothing is of matter to a spray. */
    private const DAYS = 800;

    /** @var WeakMap<Garden, list<PastSpray>> */
    private WeakMap $sprays;

    /** @var WeakMap<Garden, array<string, list<Observation>>> by planting */
    private WeakMap $looks;

    /** @var WeakMap<Garden, array<string, list<array{int, float}>>> by planting: when, and mg of sodium that reached each plant's soil */
    private WeakMap $sodium;

    public function __construct(private readonly PastSprays $past, private readonly SodiumLoad $load)
    {
        $this->sodium = new WeakMap();
        $this->sprays = new WeakMap();
        $this->looks = new WeakMap();
    }

    /** Something was written down: what is known of the garden is asked for anew. */
    public function forget(Garden $garden): void
    {
        unset($this->sprays[$garden], $this->looks[$garden], $this->sodium[$garden]);
    }

    public function history(
        Garden $garden,
        ?string $plantingId,
        ?string $sprayerId,
        CarbonImmutable $at,
        bool $washed,
        ?bool $rinsed,
    ): History {
        return $this->past->history(
            $this->sprays[$garden] ??= $this->findSprays($garden),
            $plantingId,
            $sprayerId,
            $at->setTimezone($garden->time_zone),
            $washed,
            $rinsed,
        );
    }

    public function evidence(Garden $garden, ?string $plantingId): OwnEvidence
    {
        $looks = $this->looks[$garden] ??= $this->findLooks($garden);

        return new OwnEvidence($plantingId === null ? [] : $looks[$plantingId] ?? []);
    }

    /** mg of sodium that have come into one pot of a planting since it was potted. */
    public function potSodium(Garden $garden, Planting $planting, CarbonImmutable $at): float
    {
        $since = $planting->moved_on?->getTimestamp() ?? 0;
        $sum = 0.0;
        foreach (($this->sodium[$garden] ??= $this->findSodium($garden))[$planting->id] ?? [] as [$when, $mg]) {
            $sum += $when >= $since && $when < $at->getTimestamp() ? $mg : 0.0;
        }

        return $sum;
    }

    /** @return array<string, list<array{int, float}>> a spray's volume is shared out by the number of plants */
    private function findSodium(Garden $garden): array
    {
        /** @var array<string, int> $numbers */
        $numbers = $garden->plantings()->pluck('number', 'id')->all();
        $found = [];
        $rows = $garden
            ->applications()
            ->toBase()
            ->where('applied_at', '>', $garden->now()->subDays(self::DAYS))
            ->get(['applied_at', 'planting_ids', 'doses', 'volume_ml', 'snapshot->recipe->use as use']);
        foreach ($rows as $row) {
            $ids = array_filter(self::decoded($row->planting_ids), is_string(...));
            $plants = array_sum(array_map(static fn (string $id): int => $numbers[$id] ?? 1, $ids));
            $doses = [];
            foreach (self::decoded($row->doses) as $substance => $strength) {
                if (is_int($strength) || is_float($strength)) {
                    $doses[(string) $substance] = (float) $strength;
                }
            }
            $mg = $plants <= 0 ? 0.0 : $this->load->milligramsOf($doses, (string) $row->use, (float) $row->volume_ml / $plants);
            foreach ($mg > 0.0 ? $ids : [] as $id) {
                $found[$id][] = [(int) strtotime("$row->applied_at UTC"), $mg];
            }
        }

        return $found;
    }

    /** @return list<PastSpray> */
    private function findSprays(Garden $garden): array
    {
        return array_values(
            $garden
                ->applications()
                ->toBase()
                ->where('applied_at', '>', $garden->now()->subDays(self::DAYS))
                ->get(['applied_at', 'planting_ids', 'doses', 'sprayer_id'])
                ->map(
                    static fn (object $row): PastSpray => new PastSpray(
                        (int) strtotime("$row->applied_at UTC"),
                        array_values(array_filter(self::decoded($row->planting_ids), is_string(...))),
                        array_map(
                            strval(...),
                            array_keys(
                                array_filter(self::decoded($row->doses), static fn (mixed $one): bool => is_int($one) || is_float($one)),
                            ),
                        ),
                        is_string($row->sprayer_id) ? $row->sprayer_id : null,
                    ),
                )
                ->all(),
        );
    }

    /** @return array<string, list<Observation>> */
    private function findLooks(Garden $garden): array
    {
        $found = [];
        foreach (
            $garden
                ->looks()
                ->toBase()
                ->whereNotNull('score')
                ->get(['planting_id', 'kind', 'strengths', 'score', 'put_on_at']) as $row
        ) {
            $strengths = array_map(
                floatval(...),
                array_filter(self::decoded($row->strengths), static fn (mixed $one): bool => is_int($one) || is_float($one)),
            );
            $found[$row->planting_id][] = Observation::of(
                $strengths,
                (float) $row->score,
                $row->kind === LookKind::Whole->value,
                CarbonImmutable::parse((string) $row->put_on_at, 'UTC')->setTimezone($garden->time_zone)->format('On j F Y'),
            );
        }

        return $found;
    }

    /** @return array<array-key, mixed> nothing where the row cannot be read */
    private static function decoded(mixed $json): array
    {
        $value = is_string($json) ? json_decode($json, true) : null;

        return is_array($value) ? $value : [];
    }
}
