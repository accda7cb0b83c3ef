<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Compatibility;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Mixing\FinalStrength;

/** Two classes of substances that must not meet. */
final readonly class Pair
{
    private const ANYTHING = '*';

    /**
     * @param  list<string>  $a
     * @param  list<string>  $b  or "*" for anything else
     * @param  float|null  $over  % w/v of a from which it holds
     * @param  float|null  $upto  % w/v of a up to which it holds
     * @param  float|null  $bOver  % v/v of b from which it holds
     * @param  list<string>  $givesWayTo  pairs that say it better
     * @param  bool  $undoes  they use each other up
     */
    private function __construct(
        public string $id,
        public array $a,
        public array $b,
        public ?float $over,
        public ?float $upto,
        public ?float $bOver,
        public array $givesWayTo,
        public bool $undoes,
        public Severity $severity,
        public string $basis,
        public string $sure,
    ) {}

    public static function fromRow(Row $row): self
    {
        $figure = static fn (string $key): ?float => $row->has($key) ? $row->float($key) : null;

        return new self(
            $row->string('id'),
            $row->strings('a'),
            $row->strings('b'),
            $figure('over'),
            $figure('upto'),
            $figure('b_over'),
            $row->strings('gives_way_to'),
            $row->bool('undoes'),
            $row->oneOf('severity', Severity::class),
            $row->string('basis'),
            $row->string('sure'),
        );
    }

    /**
     * The two of this pair that are there, or null.
     *
     * @param  array<string, FinalStrength>  $present  by substance
     * @return array{FinalStrength, FinalStrength}|null
     */
    public function in(array $present): ?array
    {
        $first = $this->firstOf($this->a, $present, []);
        if (
            $first === null ||
            ($this->over !== null && $first->percentWv->likely < $this->over) ||
            ($this->upto !== null && $first->percentWv->likely > $this->upto * (1 + 1e-9))
        ) {
            return null;
        }
        $second = $this->firstOf($this->b, $present, $this->a);

        return $second === null || ($this->bOver !== null && ($second->percentVv->likely ?? 0.0) < $this->bOver) ? null : [$first, $second];
    }

    /** Whether one thing and another would be such a pair, however much there is of each. */
    public function joins(string $one, string $other): bool
    {
        $is = fn (string $a, string $b): bool => in_array($a, $this->a, true) &&
            (in_array($b, $this->b, true) || ($this->b === [self::ANYTHING] && ! in_array($b, $this->a, true)));

        return $is($one, $other) || $is($other, $one);
    }

    /**
     * @param  list<string>  $wanted
     * @param  array<string, FinalStrength>  $present
     * @param  list<string>  $except
     */
    private function firstOf(array $wanted, array $present, array $except): ?FinalStrength
    {
        if ($wanted === [self::ANYTHING]) {
            foreach ($present as $id => $strength) {
                if (! in_array($id, $except, true)) {
                    return $strength;
                }
            }

            return null;
        }
        foreach ($wanted as $id) {
            if (isset($present[$id]) && ! in_array($id, $except, true)) {
                return $present[$id];
            }
        }

        return null;
    }
}
