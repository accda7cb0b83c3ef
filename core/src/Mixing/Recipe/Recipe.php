<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Recipe;

use Brick\Math\BigRational;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Measure\AmountFormatter;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Shelf\OnShelf;
use Nebbia\Core\Substance\Content;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\OwnIngredients;
use Nebbia\Core\Substance\Strength;

/** A recipe as it was written, its amounts exact. */
final readonly class Recipe
{
    /**
     * @param  Amount  $base  a volume
     * @param  list<RecipeLine>  $lines
     * @param  list<string>  $targets
     */
    private function __construct(
        public string $name,
        public UseOfSpray $use,
        public UnitSystem $units,
        public Amount $base,
        public Basis $basis,
        public Ingredient $liquid,
        public Strength $liquidStrength,
        public ?string $statedLiquidStrength,
        public array $lines,
        public ?Repeat $repeat,
        public array $targets,
        /** The very one on the shelf that is the base; null where any will do. */
        public ?OnShelf $liquidPreparation,
    ) {}

    /**
     * @param  list<RecipeLine>  $lines
     * @param  list<string>  $targets
     */
    public static function of(
        string $name,
        UseOfSpray $use,
        UnitSystem $units,
        Amount $base,
        Basis $basis,
        Ingredient $liquid,
        Strength $liquidStrength,
        ?string $statedLiquidStrength,
        array $lines,
        ?Repeat $repeat = null,
        array $targets = [],
        ?OnShelf $liquidPreparation = null,
    ): self {
        return new self(
            $name,
            $use,
            $units,
            $base,
            $basis,
            $liquid,
            $liquidStrength,
            $statedLiquidStrength,
            $lines,
            $repeat,
            $targets,
            $liquidPreparation,
        );
    }

    /** @return list<Content> of one mL of the base liquid */
    public function liquidContents(): array
    {
        return $this->liquidPreparation->contents ?? Content::in($this->liquid, $this->liquidStrength);
    }

    /** @return array<int, OnShelf> line => the preparation it is taken from; -1 is the base */
    public function preparations(): array
    {
        $found = $this->liquidPreparation === null ? [] : [-1 => $this->liquidPreparation];
        foreach ($this->lines as $n => $line) {
            if ($line->preparation !== null) {
                $found[$n] = $line->preparation;
            }
        }

        return $found;
    }

    /** The same recipe for k times as much. Ratios and strengths stay as they are. */
    public function scaledBy(BigRational $k): self
    {
        return new self(
            $this->name,
            $this->use,
            $this->units,
            $this->base->scaledBy($k),
            $this->basis,
            $this->liquid,
            $this->liquidStrength,
            $this->statedLiquidStrength,
            array_map(static fn (RecipeLine $line): RecipeLine => $line->scaledBy($k), $this->lines),
            $this->repeat,
            $this->targets,
            $this->liquidPreparation,
        );
    }

    /** @param  list<RecipeLine>  $lines */
    public function withLines(array $lines): self
    {
        return new self(
            $this->name,
            $this->use,
            $this->units,
            $this->base,
            $this->basis,
            $this->liquid,
            $this->liquidStrength,
            $this->statedLiquidStrength,
            $lines,
            $this->repeat,
            $this->targets,
            $this->liquidPreparation,
        );
    }

    public function withBase(Amount $base, Ingredient $liquid, Strength $strength, ?string $stated): self
    {
        return new self(
            $this->name,
            $this->use,
            $this->units,
            $base,
            $this->basis,
            $liquid,
            $strength,
            $stated,
            $this->lines,
            $this->repeat,
            $this->targets,
            null,
        );
    }

    /** @return array<string, mixed> as nebbia.recipe/1 */
    public function toArray(): array
    {
        $base =
            ['amount' => AmountFormatter::machine($this->base), 'basis' => $this->basis->value, 'liquid' => $this->liquid->id] +
            array_diff_key(OwnIngredients::written($this->liquid), ['form' => true]);
        if ($this->statedLiquidStrength !== null) {
            $base['strength'] = $this->statedLiquidStrength;
        }
        if ($this->liquidPreparation !== null) {
            $base['preparation'] = $this->liquidPreparation->id;
        }
        $recipe = [
            'format' => RecipeReader::FORMAT,
            'name' => $this->name,
            'use' => $this->use->value,
            'units' => $this->units->value,
            'base' => $base,
            'ingredients' => array_map(
                static fn (RecipeLine $line): array => [
                    'ingredient' => $line->ingredient->id,
                    'amount' => AmountFormatter::machine($line->amount),
                ] +
                    OwnIngredients::written($line->ingredient) +
                    ($line->statedStrength === null ? [] : ['strength' => $line->statedStrength]) +
                    ($line->preparation === null ? [] : ['preparation' => $line->preparation->id]),
                $this->lines,
            ),
        ];
        if ($this->repeat !== null) {
            $recipe['repeat'] = ['every_days' => $this->repeat->days(), 'times' => $this->repeat->times];
        }

        return $this->targets === [] ? $recipe : $recipe + ['targets' => $this->targets];
    }
}
