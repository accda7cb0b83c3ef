<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Nebbia\Core\Substance\Ingredient;

/** Units that name what they count: three cloves are of garlic. */
final readonly class NamedByUnit
{
    private const ALL = [
        'clove' => 'garlic',
        'head' => 'garlic',
        'onion' => 'onion',
        'small-onion' => 'onion',
        'large-onion' => 'onion',
        'chilli' => 'hot-pepper',
        'thai-chilli' => 'hot-pepper',
        'jalapeno' => 'hot-pepper',
        'habanero' => 'hot-pepper',
        'lemon' => 'lemon-juice',
        'bar' => 'bar-soap',
    ];

    /** What a whole one is counted as, where nothing is said. */
    private const PIECES = [
        'hot-pepper' => ['chilli'],
        'garlic' => ['clove'],
        'onion' => ['onion'],
        'bar-soap' => ['bar'],
        'banana-peel' => ['peel'],
        'citrus-peel' => ['peel'],
        'onion-skins' => ['peel'],
    ];

    /** @return string|null ingredient id; null where the unit counts anything */
    public static function ingredient(?string $unit): ?string
    {
        return self::ALL[$unit ?? ''] ?? null;
    }

    /** "2 hot peppers", "peperoncino 2": the piece that a whole one is counted as; null where none is known of it. */
    public static function piece(Ingredient $ingredient): ?string
    {
        foreach ([$ingredient->id, ...self::PIECES[$ingredient->id] ?? []] as $unit) {
            if ($ingredient->knowsPiece($unit)) {
                return $unit;
            }
        }

        return null;
    }
}
