<?php

declare(strict_types=1);

namespace Nebbia\Core\Making;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Recipe\Recipe;
use Nebbia\Core\Mixing\Recipe\RecipeException;
use Nebbia\Core\Mixing\Recipe\RecipeLine;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\PreparationException;
use Nebbia\Core\Shelf\Shelf;
use Nebbia\Core\Substance\Ingredients;

/**
 * Reads nebbia.preparation/1: what goes in is written as in a recipe. Every complaint names the field by its dotted path.
 */
final readonly class MakingReader
{
    public const FORMAT = 'nebbia.preparation/1';

    /** Some twelve weeks: nothing is made ahead that stands longer. */
    private const MOST_HOURS = 2000;

    public function __construct(
        private AmountParser $amounts,
        private Kinds $kinds,
        private Ingredients $ingredients,
        private RecipeReader $recipes,
    ) {}

    /** The same, with preparations to make others from. */
    public function with(Shelf $shelf): self
    {
        return new self($this->amounts, $this->kinds, $this->ingredients, $this->recipes->with($shelf));
    }

    /**
     * @param  mixed  $data  decoded JSON
     *
     * @throws BadInput naming the field
     */
    public function read(mixed $data): Making
    {
        if (! is_array($data) || ($data !== [] && array_is_list($data)) || ($data['format'] ?? null) !== self::FORMAT) {
            throw PreparationException::notAPreparation();
        }
        $kind = $this->kinds->get($this->text($data, 'kind') ?? throw PreparationException::missing('kind'));
        if ($kind->isSoap()) {
            throw PreparationException::soapHasABench();
        }
        $stands = $this->stands($data);
        $kind = $stands === null ? $kind : $kind->standing($stands);
        $units = UnitSystem::tryFrom($this->text($data, 'units') ?? 'us') ?? throw RecipeException::notOneOf('units', UnitSystem::ids());
        [$recipe, $lines] = $this->pot($data, $kind, $units);

        return Making::of(
            $this->text($data, 'id') ?? '',
            $this->text($data, 'name') ?? $this->ingredients->named($kind->makes)->name,
            $kind,
            $recipe,
            $lines,
            $this->volume($data, 'strained', $units),
            $this->volume($data, 'topped_up', $units),
            $this->ph($data),
        );
    }

    /**
     * The liquid and what goes into it. Where the kind is made of parts, the first that is poured stands for the liquid.
     *
     * @param  array<array-key, mixed>  $data
     * @return array{Recipe|null, list<RecipeLine>}
     */
    private function pot(array $data, Kind $kind, UnitSystem $units): array
    {
        $body = [
            'format' => RecipeReader::FORMAT,
            'units' => $units->value,
            'ingredients' => $data['ingredients'] ?? throw PreparationException::missing('ingredients'),
        ];
        $base = $data['base'] ?? null;
        if ($base !== null) {
            if (! is_array($base)) {
                throw RecipeException::notAnObject('base');
            }
            $base +=
                ['liquid' => $kind->liquid, 'basis' => 'added'] +
                ($kind->liquidStrength === null || isset($base['liquid']) ? [] : ['strength' => $kind->liquidStrength]);
            $recipe = $this->recipes->read(['base' => $base] + $body);
            $this->refuseNothing($recipe->lines);

            return [$recipe, $recipe->lines];
        }
        // Read beside a litre of water, which then goes.
        $read = $this->recipes->read(['base' => ['amount' => '1 L', 'basis' => 'added']] + $body);
        $this->refuseNothing($read->lines);
        foreach ($read->lines as $n => $line) {
            if ($line->isPoured()) {
                $others = $read->lines;
                unset($others[$n]);
                $amount = self::named("ingredients.$n.amount", fn () => $this->amounts->parseVolume($this->written($data, $n), $units));

                return [
                    Recipe::of(
                        $read->name,
                        $read->use,
                        $read->units,
                        $amount,
                        $read->basis,
                        $line->ingredient,
                        $line->strength,
                        $line->statedStrength,
                        array_values($others),
                        liquidPreparation: $line->preparation,
                    ),
                    $read->lines,
                ];
            }
        }
        if (! $kind->isOfParts) {
            throw PreparationException::missing('base');
        }

        return [null, $read->lines];
    }

    /** @param  list<RecipeLine>  $lines */
    private function refuseNothing(array $lines): void
    {
        if ($lines === []) {
            throw PreparationException::nothingIn();
        }
    }

    /** @param  array<array-key, mixed>  $data */
    private function written(array $data, int $line): string
    {
        $rows = $data['ingredients'] ?? [];
        $row = is_array($rows) ? $rows[$line] ?? [] : [];
        $amount = is_array($row) ? $row['amount'] ?? '' : '';

        return is_string($amount) ? $amount : '';
    }

    /** @param  array<array-key, mixed>  $data */
    private function volume(array $data, string $field, UnitSystem $units): ?Interval
    {
        $text = $this->text($data, $field);

        return $text === null || trim($text) === ''
            ? null
            : self::named($field, fn () => $this->amounts->parseVolume($text, $units)->inBase());
    }

    /**
     * How long the recipe at hand has it stand, h; null where it does not say.
     *
     * @param  array<array-key, mixed>  $data
     */
    private function stands(array $data): ?float
    {
        $hours = $data['stands_hours'] ?? null;
        if ($hours === null) {
            return null;
        }

        return (is_int($hours) || is_float($hours)) && $hours > 0 && $hours <= self::MOST_HOURS
            ? (float) $hours
            : throw PreparationException::stands();
    }

    /** @param  array<array-key, mixed>  $data */
    private function ph(array $data): ?float
    {
        $ph = $data['ph'] ?? null;
        if ($ph === null) {
            return null;
        }

        return (is_int($ph) || is_float($ph)) && $ph >= 0 && $ph <= 14 ? (float) $ph : throw PreparationException::ph();
    }

    /** @param  array<array-key, mixed>  $data */
    private function text(array $data, string $field): ?string
    {
        $value = $data[$field] ?? null;

        return $value === null || is_string($value) ? $value : throw PreparationException::notText($field);
    }

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @return T
     */
    private static function named(string $field, callable $read): mixed
    {
        try {
            return $read();
        } catch (BadInput $e) {
            throw $e->at($field);
        }
    }
}
