<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Kitchen;

use Nebbia\Core\Measure\Unit;

/**
 * A volume in at most two kinds of spoon or cup: "2 tbsp + 1 1/2 tsp", and by how much that is off.
 */
final readonly class KitchenMeasure
{
    private function __construct(public string $text, public string $pretty, public float $ml, public float $errorPercent) {}

    /** So many cups are no longer counted. */
    private const MOST_CUPS = 12;

    /**
     * @param  list<array{float, string}>  $terms  number and label, largest spoon first
     * @param  array{int, string}  $large  how many cups are a gallon or a litre, and which of them it is
     */
    public static function of(array $terms, float $ml, float $wanted, array $large): self
    {
        if (($terms[0][1] ?? '') === 'cup' && $terms[0][0] > self::MOST_CUPS) {
            $whole = (int) floor($terms[0][0] / $large[0] + 1e-9);
            $rest = $terms[0][0] - $whole * $large[0];
            $terms = [
                ...$whole > 0 ? [[(float) $whole, $large[1]]] : [],
                ...$rest > 1e-9 ? [[$rest, 'cup']] : [],
                ...array_slice($terms, 1),
            ];
        }
        $plain = $pretty = [];
        foreach ($terms as [$number, $label]) {
            $label .= $label === 'cup' && $number > 1.0 ? 's' : '';
            $plain[] = KitchenFraction::plain($number).' '.$label;
            $pretty[] = KitchenFraction::pretty($number).' '.$label;
        }

        return new self(implode(' + ', $plain), implode(' + ', $pretty), $ml, 100 * ($ml / $wanted - 1));
    }

    /** A number of whole things: "2 tablets", "1 1/2 cloves". */
    public static function pieces(float $number, Unit $unit): self
    {
        $step = $unit->id === 'tablet' ? 0.5 : 0.25;
        $nearest = max($step, round($number / $step) * $step);
        $label = $nearest > 1.0 ? $unit->plural : $unit->label;
        if ($unit->id === 'tablet') {
            $label = ($nearest > 1.0 ? 'tablets of ' : 'tablet of ').str_replace(' tablet', '', $unit->label);
        }

        return new self(
            KitchenFraction::plain($nearest)." $label",
            KitchenFraction::pretty($nearest)." $label",
            0.0,
            100 * ($nearest / $number - 1),
        );
    }
}
