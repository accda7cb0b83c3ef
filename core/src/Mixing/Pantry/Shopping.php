<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Pantry;

/** What must be bought for planned rounds. */
final class Shopping
{
    /**
     * @param  iterable<array{list<Draw>, int}>  $plans  what one round of a plan takes, and how many rounds are left
     * @return list<Want> what is missing first
     */
    public static function list(iterable $plans, Cupboard $cupboard): array
    {
        /** @var array<string, array{Draw, float}> $needs */
        $needs = [];
        foreach ($plans as [$draws, $rounds]) {
            foreach ($draws as $draw) {
                if ($draw->ingredient === 'water') {
                    continue;
                }
                $key = $draw->product->id ?? "$draw->ingredient $draw->name";
                $each = $draw->product === null ? $draw->amount : $draw->taken;
                $needs[$key] = [$draw, ($needs[$key][1] ?? 0.0) + $each * $rounds];
            }
        }
        $wants = array_map(static fn (array $need): Want => self::want($need[0], $need[1], $cupboard), array_values($needs));
        usort($wants, static fn (Want $a, Want $b): int => [$b->missing > 0.0, $a->name] <=> [$a->missing > 0.0, $b->name]);

        return $wants;
    }

    private static function want(Draw $draw, float $needed, Cupboard $cupboard): Want
    {
        $product = $draw->product;
        $have = 0.0;
        $isUnknown = false;
        // Other bottles of the same strength are as good.
        foreach ($cupboard->products as $other) {
            if (
                $product !== null &&
                ($other->id === $product->id ||
                    ($other->ingredient->isSame($product->ingredient) && $other->stated === $product->stated))
            ) {
                $have += $other->left ?? 0.0;
                $isUnknown = $isUnknown || $other->left === null;
            }
        }
        $missing = $isUnknown ? 0.0 : max(0.0, $needed - $have);
        $bottles = $product?->size === null || $missing <= 0.0 ? null : (int) ceil($missing / $product->size - 1e-9);

        return new Want(
            $draw->ingredient,
            $product->name ?? $draw->name,
            $draw->isPoured,
            $needed,
            $have,
            $missing,
            $product,
            $bottles,
            $bottles === null || $product?->price === null ? null : $bottles * $product->price,
            $isUnknown,
        );
    }
}
