<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Recipe;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Shelf\CarriesJars;
use Nebbia\Core\Shelf\Jars;
use Nebbia\Core\Shelf\OnShelf;
use Nebbia\Core\Shelf\PreparationException;
use Nebbia\Core\Shelf\Shelf;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\OwnIngredients;
use Nebbia\Core\Substance\Strength;
use Nebbia\Core\Substance\StrengthParser;
use Nebbia\Core\Target\Targets;

/**
 * Reads nebbia.recipe/1. Every complaint names the field by its dotted path.
 */
final readonly class RecipeReader
{
    public const FORMAT = 'nebbia.recipe/1';

    public const MAX_LINES = 40;

    private const MAX_TEXT = 200;

    public function __construct(
        private AmountParser $amounts,
        private Ingredients $ingredients,
        private Targets $targets,
        private OwnIngredients $own,
        private Shelf $shelf = new Jars(),
        private ?CarriesJars $carries = null,
    ) {}

    /** The same, with preparations to take from. */
    public function with(Shelf $shelf): self
    {
        return new self($this->amounts, $this->ingredients, $this->targets, $this->own, $shelf, $this->carries);
    }

    /** The same, for recipes that carry preparations of their own. */
    public function carrying(CarriesJars $carries): self
    {
        return new self($this->amounts, $this->ingredients, $this->targets, $this->own, $this->shelf, $carries);
    }

    /**
     * @param  mixed  $data  decoded JSON
     * @param  UnitSystem|null  $system  overrules the recipe's own units
     *
     * @throws BadInput naming the field
     */
    public function read(mixed $data, ?UnitSystem $system = null): Recipe
    {
        if (! is_array($data) || ($data !== [] && array_is_list($data)) || ($data['format'] ?? null) !== self::FORMAT) {
            throw RecipeException::notARecipe();
        }
        if ($this->carries !== null && isset($data['preparations'])) {
            return $this->with($this->carries->carried($data['preparations'], $this->shelf))->read(
                array_diff_key($data, ['preparations' => true]),
                $system,
            );
        }
        $units = UnitSystem::from($this->oneOf($data, 'units', UnitSystem::ids(), 'us'));
        $units = $system ?? $units;
        $base = $this->object($data, 'base');
        [$liquid, $liquidStrength, $stated, $preparation] = $this->ingredient($base, 'liquid', 'base.', $units, 'water');
        if (! $liquid->isLiquid && ! $liquidStrength->isSolution) {
            throw RecipeException::solidBase($liquid->name);
        }

        return Recipe::of(
            $this->text($data, 'name', '') ?? '',
            UseOfSpray::from($this->oneOf($data, 'use', array_column(UseOfSpray::cases(), 'value'), 'foliar', true)),
            $units,
            $this->named('base.amount', fn () => $this->amounts->parseVolume($this->required($base, 'amount', 'base.amount'), $units)),
            Basis::from($this->oneOf($base, 'basis', ['added', 'final'], null, true, 'base.')),
            $liquid,
            $liquidStrength,
            $stated,
            $this->lines($data, $units),
            $this->repeat($data),
            $this->targets($data),
            $preparation,
        );
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return list<RecipeLine>
     */
    private function lines(array $data, UnitSystem $units): array
    {
        $rows = $data['ingredients'] ?? throw RecipeException::missing('ingredients');
        if (! is_array($rows) || ! array_is_list($rows)) {
            throw RecipeException::notAList('ingredients');
        }
        if (count($rows) > self::MAX_LINES) {
            throw RecipeException::tooManyLines(self::MAX_LINES);
        }
        $lines = [];
        foreach ($rows as $n => $row) {
            if (! is_array($row) || ($row !== [] && array_is_list($row))) {
                throw RecipeException::notAnObject("ingredients.$n");
            }
            [$ingredient, $strength, $stated, $preparation] = $this->ingredient($row, 'ingredient', "ingredients.$n.", $units);
            $text = $this->required($row, 'amount', "ingredients.$n.amount");
            $amount = $this->named("ingredients.$n.amount", fn () => $this->amounts->parse($text, $units));
            $lines[] = RecipeLine::of($ingredient, $amount, $strength, $stated, $preparation);
        }

        return $lines;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return array{Ingredient, Strength, string|null, OnShelf|null}
     */
    private function ingredient(array $row, string $key, string $path, UnitSystem $units, ?string $default = null): array
    {
        $jar = $this->text($row, 'preparation', null, $path);
        $preparation =
            $jar === null ? null : $this->shelf->find($jar) ?? throw PreparationException::noSuchPreparation($path.'preparation');
        $name = $row[$key] ?? ($preparation->ingredient->id ?? ($default ?? throw RecipeException::missing($path.$key)));
        if (! is_string($name)) {
            throw RecipeException::notText($path.$key);
        }
        $ingredient = OwnIngredients::isOwn($name)
            ? $this->own($row, $path, $key === 'liquid', $units)
            : $this->named($path.$key, fn () => $this->ingredients->named($name));
        if ($preparation !== null) {
            return $preparation->ingredient->id === $ingredient->id
                ? [$ingredient, $preparation->strength(), null, $preparation]
                : throw PreparationException::another($path.'preparation', $preparation->name, $ingredient->name);
        }
        $stated = $this->text($row, 'strength', null, $path);
        if ($stated === null || trim($stated) === '') {
            return [$ingredient, Strength::usual($ingredient), null, null];
        }

        return [$ingredient, $this->named($path.'strength', fn () => StrengthParser::parse($stated, $ingredient)), $stated, null];
    }

    /** @param  array<array-key, mixed>  $row */
    private function own(array $row, string $path, bool $isBase, UnitSystem $units): Ingredient
    {
        $name = trim($this->text($row, 'name', null, $path) ?? '');
        if ($name === '') {
            throw RecipeException::nameless($path.'name');
        }
        $form = $this->text($row, 'form', null, $path);
        if ($form !== null && ! in_array($form, ['liquid', 'solid'], true)) {
            throw RecipeException::notOneOf($path.'form', ['liquid', 'solid']);
        }
        $density = $row['density'] ?? null;
        if ($density !== null && (! is_numeric($density) || $density < 0.05 || $density > 20.0)) {
            throw RecipeException::density($path.'density');
        }
        $isWeighed = ! $isBase && $this->isWeighed($row['amount'] ?? null, $units);

        return $this->own->of(
            $name,
            $isBase ? true : ($form === null ? null : $form === 'liquid'),
            $isWeighed,
            $density === null ? null : (float) $density,
        );
    }

    /** Whether an amount is one of weight, or of pieces; what is wrong with it is said where it is read. */
    private function isWeighed(mixed $amount, UnitSystem $units): bool
    {
        try {
            return is_string($amount) && $this->amounts->parse($amount, $units)->unit->kind !== UnitKind::Volume;
        } catch (BadInput) {
            return false;
        }
    }

    /** @param  array<array-key, mixed>  $data */
    private function repeat(array $data): ?Repeat
    {
        if (! isset($data['repeat'])) {
            return null;
        }
        $repeat = $this->object($data, 'repeat');
        $number = static function (string $key) use ($repeat): int {
            $value = $repeat[$key] ?? throw RecipeException::missing("repeat.$key");

            return is_int($value) ? $value : throw RecipeException::notWhole("repeat.$key");
        };

        $days = $repeat['every_days'] ?? throw RecipeException::missing('repeat.every_days');
        if (! is_int($days) && ! is_float($days)) {
            throw RecipeException::notWhole('repeat.every_days');
        }

        return Repeat::every($days, isset($repeat['times']) ? $number('times') : null);
    }

    /**
     * Ids of those that are known; others are kept as they are written and spoken of by a finding.
     *
     * @param  array<array-key, mixed>  $data
     * @return list<string>
     */
    private function targets(array $data): array
    {
        $targets = $data['targets'] ?? [];
        if (! is_array($targets) || ! array_is_list($targets)) {
            throw RecipeException::notAList('targets');
        }
        $ids = [];
        foreach ($targets as $n => $target) {
            $name = is_string($target) ? $target : throw RecipeException::notText("targets.$n");
            $ids[] = $this->targets->idOf($name) ?? trim($name);
        }

        return $ids;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    private function object(array $data, string $key): array
    {
        $value = $data[$key] ?? throw RecipeException::missing($key);

        return is_array($value) && ($value === [] || ! array_is_list($value)) ? $value : throw RecipeException::notAnObject($key);
    }

    /** @param  array<array-key, mixed>  $row */
    private function required(array $row, string $key, string $field): string
    {
        $value = $row[$key] ?? throw RecipeException::missing($field);

        return is_string($value) ? $value : throw RecipeException::notText($field);
    }

    /** @param  array<array-key, mixed>  $row */
    private function text(array $row, string $key, ?string $default, string $path = ''): ?string
    {
        $value = $row[$key] ?? $default;
        if ($value !== null && ! is_string($value)) {
            throw RecipeException::notText($path.$key);
        }
        if ($value !== null && mb_strlen($value) > self::MAX_TEXT) {
            throw RecipeException::tooLong($path.$key, self::MAX_TEXT);
        }

        return $value;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @param  list<string>  $allowed
     * @param  bool  $refuseNull  a field that is there but null is one that somebody could not fill in
     */
    private function oneOf(array $row, string $key, array $allowed, ?string $default, bool $refuseNull = false, string $path = ''): string
    {
        if ($refuseNull && array_key_exists($key, $row) && $row[$key] === null) {
            throw RecipeException::missing($path.$key);
        }
        $value = $row[$key] ?? ($default ?? throw RecipeException::missing($path.$key));

        return is_string($value) && in_array($value, $allowed, true) ? $value : throw RecipeException::notOneOf($path.$key, $allowed);
    }

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @return T
     */
    private function named(string $field, callable $read): mixed
    {
        try {
            return $read();
        } catch (BadInput $e) {
            throw $e->at($field);
        }
    }
}
