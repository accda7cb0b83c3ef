<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Comparison;

use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Judgement\Tolerance\Gauge;
use Nebbia\Core\Judgement\Tolerance\Gauges;
use Nebbia\Core\Pest\Remedies;

/** Puts two to six recipes side by side, by the final strength of everything in them. */
final readonly class Comparer
{
    public const FEWEST = 2;

    public const MOST = 6;

    public function __construct(private Gauges $gauges, private Remedies $remedies) {}

    /**
     * @param  list<Situation>  $situations  mixes held against the same plant
     * @return list<ComparedSubstance> what most of them share first
     *
     * @throws ComparisonException if they are fewer than two or more than six
     */
    public function compare(array $situations): array
    {
        if (count($situations) < self::FEWEST || count($situations) > self::MOST) {
            throw ComparisonException::number(self::FEWEST, self::MOST);
        }
        /** @var array<string, array<int, Gauge>> $found */
        $found = [];
        foreach ($situations as $n => $situation) {
            foreach ($this->gauges->of($situation) as $gauge) {
                $found[$gauge->substance][$n] = $gauge;
            }
        }
        uasort($found, static fn (array $a, array $b): int => count($b) <=> count($a));
        $rows = [];
        foreach ($found as $substance => $gauges) {
            $first = array_values($gauges)[0];
            $schools = null;
            $strengths = [];
            foreach ($situations as $n => $situation) {
                $gauge = $gauges[$n] ?? null;
                $own = Schools::of($substance, $situation->mix->recipe->use->value, $this->remedies);
                $own = $own !== null && $own->unit === $first->unit ? $own : null;
                $schools ??= $gauge === null ? null : $own;
                $strengths[] =
                    $gauge === null
                        ? null
                        : new ComparedStrength($gauge->strength, $own?->standing($gauge->strength->likely), $gauge->verdict);
            }
            $rows[] = new ComparedSubstance($first, $schools, $strengths);
        }

        return $rows;
    }
}
