<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Garden;
use App\Models\LookKind;
use Carbon\CarbonImmutable;
use Nebbia\Core\Judgement\Evidence\Observation;
use Nebbia\Core\Judgement\Evidence\OwnEvidence;
use Nebbia\Core\Judgement\History;
use WeakMap;

/**
 * What plantings and sprayers of a garden have had, and what was seen of it. Asked for once for each garden at hand, because a list of rounds
 * asks for each.
 */
final class SprayHistory
{
    /** Longer ago nothing is of matter to a spray. */
    private const DAYS = 800;

    /** A rest that ends a row of sprays. */
    private const REST_DAYS = 14;

    private const IN_A_ROW = ['potassium-soap', 'sodium-soap', 'detergent', 'vegetable-oil', 'neem-oil', 'mineral-oil'];

    /** @var WeakMap<Garden, list<array{at: int, plantings: list<string>, doses: array<string, float>, sprayer: string|null}>> newest first */
    private WeakMap $sprays;

    /** @var WeakMap<Garden, array<string, list<Observation>>> by planting */
    private WeakMap $looks;

    public function __construct()
    {
        $this->sprays = new WeakMap;
        $this->looks = new WeakMap;
    }

    /** Something was written down: what is known of the garden is asked for anew. */
    public function forget(Garden $garden): void
    {
        unset($this->sprays[$garden], $this->looks[$garden]);
    }

    public function history(Garden $garden, ?string $plantingId, ?string $sprayerId, CarbonImmutable $at, bool $washed, ?bool $rinsed): History
    {
        $now = $at->getTimestamp();
        $daysSince = [];
        $row = 0;
        $season = 0;
        $rowEnded = false;
        $before = $now;
        $held = null;
        foreach ($this->sprays($garden) as $spray) {
            if ($spray['at'] > $now) {
                continue;
            }
            if ($held === null && $sprayerId !== null && $spray['sprayer'] === $sprayerId) {
                $held = array_keys($spray['doses']);
            }
            if ($plantingId === null || ! in_array($plantingId, $spray['plantings'], true)) {
                continue;
            }
            foreach (array_keys($spray['doses']) as $substance) {
                $daysSince[$substance] ??= ($now - $spray['at']) / 86_400;
            }
            $season += gmdate('Y', $spray['at']) === gmdate('Y', $now) ? 1 : 0;
            if (array_intersect(self::IN_A_ROW, array_keys($spray['doses'])) !== []) {
                $rowEnded = $rowEnded || $before - $spray['at'] > self::REST_DAYS * 86_400;
                $row += $rowEnded ? 0 : 1;
                $before = $spray['at'];
            }
        }

        return new History($daysSince, $washed ? 0 : $row, $season, $held ?? [], $rinsed, $washed);
    }

    public function evidence(Garden $garden, ?string $plantingId): OwnEvidence
    {
        $looks = $this->looks[$garden] ??= $this->findLooks($garden);

        return new OwnEvidence($plantingId === null ? [] : $looks[$plantingId] ?? []);
    }

    /** @return list<array{at: int, plantings: list<string>, doses: array<string, float>, sprayer: string|null}> */
    private function sprays(Garden $garden): array
    {
        return $this->sprays[$garden] ??= array_values($garden->applications()->toBase()->where('applied_at', '>', $garden->now()->subDays(self::DAYS))
            ->get(['applied_at', 'planting_ids', 'doses', 'sprayer_id'])->map(static function (object $row): array {
                $plantings = self::decoded($row->planting_ids);
                /** @var array<string, float> $doses */
                $doses = array_map(floatval(...), array_filter(self::decoded($row->doses), static fn (mixed $one): bool => is_int($one) || is_float($one)));
                $sprayer = is_string($row->sprayer_id) ? $row->sprayer_id : null;

                return ['at' => (int) strtotime("$row->applied_at UTC"), 'plantings' => array_values(array_filter($plantings, is_string(...))), 'doses' => $doses, 'sprayer' => $sprayer];
            })->all());
    }

    /** @return array<string, list<Observation>> */
    private function findLooks(Garden $garden): array
    {
        $found = [];
        foreach ($garden->looks()->toBase()->whereNotNull('score')->get(['planting_id', 'kind', 'strengths', 'score', 'put_on_at']) as $row) {
            $strengths = array_map(floatval(...), array_filter(self::decoded($row->strengths), static fn (mixed $one): bool => is_int($one) || is_float($one)));
            $found[$row->planting_id][] = Observation::of(
                $strengths, (float) $row->score, $row->kind === LookKind::Whole->value, CarbonImmutable::parse((string) $row->put_on_at, 'UTC')->setTimezone($garden->time_zone)->format('On j F Y'),
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
