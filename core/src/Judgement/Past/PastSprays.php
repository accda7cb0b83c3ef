<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Past;

use DateTimeImmutable;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\History;

/**
 * What the sprays of a garden come to for one plant and one sprayer: days since each substance, sprays in a row, sprays this year, what the
 * sprayer held last. What counts as a row, and the rest that ends it, stands in core/data/spacing.yaml.
 */
final readonly class PastSprays
{
    private const DAY = 86_400.0;

    private Row $inARow;

    public function __construct(Table $spacing)
    {
        $this->inARow = array_values($spacing->rows('in_a_row'))[0];
    }

    /**
     * @param  iterable<PastSpray>  $sprays  in any order; what lies after `$at` is passed over
     * @param  string|null  $planting  id; null where no plant is chosen
     * @param  string|null  $sprayer  id; null where none is chosen
     * @param  bool  $washed  rain or a rinse has gone over the plant since, which ends a row
     */
    public function history(
        iterable $sprays,
        ?string $planting,
        ?string $sprayer,
        DateTimeImmutable $at,
        bool $washed = false,
        ?bool $rinsed = null,
    ): History {
        $now = $at->getTimestamp();
        $before = array_filter([...$sprays], static fn (PastSpray $spray): bool => $spray->at <= $now);
        usort($before, static fn (PastSpray $a, PastSpray $b): int => $b->at <=> $a->at);
        $held =
            array_values(
                array_filter($before, static fn (PastSpray $spray): bool => $sprayer !== null && $spray->sprayer === $sprayer),
            )[0] ?? null;
        $mine = array_values(
            array_filter($before, static fn (PastSpray $spray): bool => $planting !== null && in_array($planting, $spray->plantings, true)),
        );

        return new History(
            $this->daysSince($mine, $now),
            $washed ? 0 : $this->row($mine, $now),
            $this->thisYear($mine, $at),
            $held->substances ?? [],
            $rinsed,
            $washed,
        );
    }

    /**
     * @param  list<PastSpray>  $sprays  newest first
     * @return array<string, float>
     */
    private function daysSince(array $sprays, int $now): array
    {
        $days = [];
        foreach ($sprays as $spray) {
            foreach ($spray->substances as $substance) {
                $days[$substance] ??= ($now - $spray->at) / self::DAY;
            }
        }

        return $days;
    }

    /** @param  list<PastSpray>  $sprays  newest first */
    private function row(array $sprays, int $now): int
    {
        $row = 0;
        $next = $now;
        foreach ($sprays as $spray) {
            if (array_intersect($this->inARow->strings('substances'), $spray->substances) === []) {
                continue;
            }
            if ($next - $spray->at > $this->inARow->float('rest_days') * self::DAY) {
                break;
            }
            $row++;
            $next = $spray->at;
        }

        return $row;
    }

    /** @param  list<PastSpray>  $sprays */
    private function thisYear(array $sprays, DateTimeImmutable $at): int
    {
        $year = static fn (int $time): string => $at->setTimestamp($time)->format('Y');

        return count(array_filter($sprays, static fn (PastSpray $spray): bool => $year($spray->at) === $at->format('Y')));
    }
}
