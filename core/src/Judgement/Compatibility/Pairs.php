<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Compatibility;

use Nebbia\Core\Data\Table;
use Nebbia\Core\Mixing\FinalStrength;
use Nebbia\Core\Mixing\Mix;

/** All pairs that are known, rows of core/data/pairs.yaml. */
final readonly class Pairs
{
    /** @var list<Pair> */
    public array $all;

    /** @var array<string, list<int>> substance => pairs in which it stands first */
    private array $first;

    public function __construct(Table $pairs)
    {
        $this->all = array_values(array_map(Pair::fromRow(...), $pairs->rows()));
        $first = [];
        foreach ($this->all as $n => $pair) {
            foreach ($pair->a as $substance) {
                $first[$substance][] = $n;
            }
        }
        $this->first = $first;
    }

    /** @return list<array{Pair, FinalStrength, FinalStrength}> that meet in a mix */
    public function in(Mix $mix): array
    {
        $present = [];
        foreach ($mix->strengths as $strength) {
            if ($strength->percentWv->likely > 0.0) {
                $present[$strength->substance->id] = $strength;
            }
        }
        if (count($present) < 2) {
            return [];
        }
        $candidates = [];
        foreach ($present as $id => $strength) {
            foreach ($this->first[$id] ?? [] as $n) {
                $candidates[$n] = true;
            }
        }
        ksort($candidates);
        $found = [];
        foreach (array_keys($candidates) as $n) {
            $pair = $this->all[$n];
            $two = $pair->in($present);
            if ($two !== null && array_filter($pair->givesWayTo, static fn (string $id): bool => isset($found[$id])) === []) {
                $found[$pair->id] = [$pair, ...$two];
            }
        }

        return array_values($found);
    }

    /**
     * The gravest pair that two substances would make, or null.
     *
     * @param  list<string>  $ones
     * @param  list<string>  $others
     * @return array{Pair, string, string}|null
     */
    public function between(array $ones, array $others): ?array
    {
        $worst = null;
        foreach ($this->all as $pair) {
            foreach ($ones as $one) {
                foreach ($others as $other) {
                    if ($one !== $other && $pair->over === null && $pair->bOver === null && $pair->joins($one, $other)
                        && ($worst === null || $pair->severity->rank() > $worst[0]->severity->rank())) {
                        $worst = [$pair, $one, $other];
                    }
                }
            }
        }

        return $worst;
    }
}
