<?php

declare(strict_types=1);

namespace App\Making\Queries;

use App\Models\Garden;
use App\Pantry\Household;
use Carbon\CarbonImmutable;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\NextJar;
use Nebbia\Core\Shelf\OnShelf;

/**
 * A recipe that takes an extract without saying which jar takes the one that stands ready, what goes off first, first. A strength that is
 * written, or a bottle of it in the cupboard, is left as it is.
 */
final readonly class TakeFromShelf
{
    public function __construct(private Kinds $kinds, private Household $household) {}

    /**
     * @param  array<string, mixed>  $body  nebbia.recipe/1
     * @param  CarbonImmutable  $at  when it is sprayed
     * @return array{array<string, mixed>, list<string>} the recipe with its jars, and their names
     */
    public function __invoke(Garden $garden, array $body, CarbonImmutable $at): array
    {
        $names = [];
        $lines = is_array($body['ingredients'] ?? null) ? $body['ingredients'] : [];
        foreach ($lines as $n => $line) {
            $jar = is_array($line) ? $this->jar($garden, $line, $at) : null;
            if ($jar !== null) {
                $lines[$n] = ['preparation' => $jar->id] + $line;
                $names[] = $jar->name;
            }
        }

        return [$names === [] ? $body : ['ingredients' => $lines] + $body, $names];
    }

    /** @param  array<array-key, mixed>  $line */
    private function jar(Garden $garden, array $line, CarbonImmutable $at): ?OnShelf
    {
        $id = $line['ingredient'] ?? null;
        if (
            ! is_string($id) ||
            isset($line['preparation']) ||
            isset($line['strength']) ||
            $this->kinds->making($id) === [] ||
            $this->isBought($garden, $id)
        ) {
            return null;
        }

        return NextJar::of($this->household->shelf($garden)->all(), $id, $at);
    }

    private function isBought(Garden $garden, string $ingredient): bool
    {
        foreach ($this->household->cupboard($garden)->products as $product) {
            if ($product->ingredient->id === $ingredient) {
                return true;
            }
        }

        return false;
    }
}
