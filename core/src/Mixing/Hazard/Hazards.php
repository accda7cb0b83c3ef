<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Hazard;

use Nebbia\Core\Data\Table;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Substance\Content;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Strength;

/** What hurts in a bottle or in a finished spray, by the likely strength (limits of European classification and practice). */
final readonly class Hazards
{
    /** @var list<Hazard> */
    public array $all;

    public function __construct(Table $hazards)
    {
        $this->all = array_values(array_map(Hazard::fromRow(...), $hazards->rows()));
    }

    /** @return array<string, Hazard> by kind */
    public function ofBottle(Ingredient $ingredient, Strength $strength): array
    {
        return $this->of(Content::in($ingredient, $strength));
    }

    /**
     * @param  list<Content>  $contents  of one mL poured, or of one g
     * @return array<string, Hazard> by kind
     */
    public function of(array $contents): array
    {
        return $this->reached(
            array_map(
                static fn (Content $content): array => [
                    $content->substance->id,
                    100 * $content->grams->likely,
                    100 * ($content->millilitres->likely ?? $content->grams->likely),
                ],
                $contents,
            ),
        );
    }

    /** @return array<string, Hazard> by kind */
    public function ofMix(Mix $mix): array
    {
        $found = [];
        foreach ($mix->strengths as $strength) {
            $found[] = [
                $strength->substance->id,
                $strength->percentWv->likely,
                $strength->percentVv->likely ?? $strength->percentWv->likely,
            ];
        }

        return $this->reached($found);
    }

    /**
     * @param  list<array{string, float, float}>  $strengths  substance, % w/v, % v/v
     * @return array<string, Hazard>
     */
    private function reached(array $strengths): array
    {
        $reached = [];
        foreach ($strengths as [$substance, $byMass, $byVolume]) {
            foreach ($this->all as $hazard) {
                $strength = $hazard->unit === '% v/v' ? $byVolume : $byMass;
                if (
                    in_array($substance, $hazard->substances, true) &&
                    $strength > 0.0 &&
                    $strength >= $hazard->from * (1 - 1e-9) &&
                    $hazard->rank >= ($reached[$hazard->kind]->rank ?? 0)
                ) {
                    $reached[$hazard->kind] = $hazard;
                }
            }
        }

        return $reached;
    }
}
