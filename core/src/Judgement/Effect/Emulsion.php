<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Effect;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\Mix;

/** Oil in water, and the soap or detergent that holds it there (FACTS.md, M2). */
final readonly class Emulsion
{
    private const OILS = ['vegetable-oil', 'neem-oil', 'mineral-oil', 'essential-oil'];

    private const SOAPS = ['potassium-soap', 'sodium-soap'];

    private const DETERGENT = 'detergent';

    /** Of what is worked out in decimals. */
    private const HAIR = 1e-6;

    public Row $figures;

    public function __construct(Table $tolerances)
    {
        $this->figures = $tolerances->part('emulsifier');
    }

    /** mL of oil in 100 mL. */
    public function oil(Mix $mix): float
    {
        return array_sum(array_map(static fn (string $id): float => $mix->strengthOf($id)->percentVv->likely ?? 0.0, self::OILS));
    }

    /** Soap and detergent that went in, g in 100 mL. */
    public function holder(Mix $mix): float
    {
        return array_sum(
            array_map(static fn (string $id): float => $mix->strengthOf($id)->percentWv->likely ?? 0.0, [...self::SOAPS, self::DETERGENT]),
        );
    }

    /** What is left of that once the water and all else has had its share, g in 100 mL. */
    public function left(Situation $situation): float
    {
        $soap = 0.0;
        foreach (self::SOAPS as $id) {
            $strength = $situation->mix->strengthOf($id)->percentWv->likely ?? 0.0;
            $soap += $strength * (1.0 - ($situation->aftermath?->lost($id) ?? 0.0));
        }

        return $soap + ($situation->mix->strengthOf(self::DETERGENT)->percentWv->likely ?? 0.0);
    }

    /** g in 100 mL that the oil wants at the least. */
    public function needed(Mix $mix): float
    {
        return $this->figures->float('least') * $this->oil($mix);
    }

    /** Whether what is left holds the oil; true where there is none. */
    public function isHeld(Situation $situation): bool
    {
        return $this->left($situation) >= $this->needed($situation->mix) * (1 - self::HAIR);
    }

    /** g for each mL of oil that holds it well. */
    public function comfortable(): float
    {
        return $this->figures->float('comfortable');
    }

    /** What of the soap and detergent is there for the oil, and is no active: a part of each, 0 to 1. */
    public function share(Mix $mix): float
    {
        $holder = $this->holder($mix);
        $taken = min($this->comfortable() * $this->oil($mix), $this->figures->float('most'));

        return $holder > 0.0 ? min(1.0, $taken / $holder) : 0.0;
    }

    public function isHolder(string $substance): bool
    {
        return $substance === self::DETERGENT || in_array($substance, self::SOAPS, true);
    }
}
