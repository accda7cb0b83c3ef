<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Steps;

use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\Kinds;

/** Which kind of preparation a first step makes: by what goes in, into what, how long and whether it boils; else a plain stock. */
final readonly class StockKind
{
    public const PLAIN = 'stock';

    public function __construct(private Kinds $kinds) {}

    /**
     * @param  list<string>  $ingredients  ids of what goes in
     * @param  string  $liquid  id of what it goes into
     * @param  float|null  $hours  that it stands; null where nobody says
     */
    public function of(array $ingredients, string $liquid, ?float $hours, bool $isBoiled): Kind
    {
        $best = null;
        foreach ($this->kinds->all as $kind) {
            $raw = array_map(static fn ($one): string => $one->ingredient, $kind->raw);
            if ($raw === [] || $kind->isOfParts || $kind->isSoap() || $kind->liquid !== $liquid || array_diff($raw, $ingredients) !== []) {
                continue;
            }
            $best = $best === null || $this->rank($kind, $hours, $isBoiled) > $this->rank($best, $hours, $isBoiled) ? $kind : $best;
        }

        return $best ?? $this->kinds->get(self::PLAIN);
    }

    /** @return array{bool, int, float} boiled as it is said, more of what goes in, nearer in time */
    private function rank(Kind $kind, ?float $hours, bool $isBoiled): array
    {
        $off = $hours === null ? $kind->hours->likely / 1e6 : abs(log(max($hours, 0.1) / max($kind->hours->likely, 0.1)));

        return [($kind->method->evaporated->high > 0.0) === $isBoiled, count($kind->raw), -$off];
    }
}
