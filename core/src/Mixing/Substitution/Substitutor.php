<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Substitution;

use Brick\Math\BigRational;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Measure\Unit;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Mixing\Hazard\Hazards;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\Basis;
use Nebbia\Core\Mixing\Recipe\Recipe;
use Nebbia\Core\Mixing\Recipe\RecipeLine;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\Strength;

/**
 * Puts another bottle in place of the one a recipe names: as much of it as holds the same amount of what acts, and as much less or
 * more of the base as keeps the final volume.
 */
final class Substitutor
{
    /** @var array<string, array<string, Row>> from => to => what is known of the pair */
    private readonly array $pairs;

    public function __construct(
        private readonly Table $substitutes,
        private readonly Ingredients $ingredients,
        private readonly Hazards $hazards,
        private readonly Mixer $mixer,
    ) {
        $pairs = [];
        foreach ($substitutes->rows() as $row) {
            foreach ($row->strings('from') as $from) {
                foreach ($row->strings('to') as $to) {
                    $pairs[$from][$to] ??= $row;
                }
            }
        }
        $this->pairs = $pairs;
    }

    /** The same, reckoning with measures of the household's own. */
    public function with(Mixer $mixer): self
    {
        return new self($this->substitutes, $this->ingredients, $this->hazards, $mixer);
    }

    /**
     * @param  int|null  $line  position of the line in the recipe; null for the base
     *
     * @throws SubstitutionException if it is no substitute, or too weak
     * @throws BadInput if the recipe cannot be worked out
     */
    public function swap(Recipe $recipe, ?int $line, Ingredient $with, Strength $strength, ?string $stated): Swap
    {
        if ($line !== null && ! isset($recipe->lines[$line])) {
            throw SubstitutionException::noSuchLine();
        }
        $mix = $this->mixer->mix($recipe);
        [$old, $oldStrength] =
            $line === null
                ? [$recipe->liquid, $recipe->liquidStrength]
                : [$recipe->lines[$line]->ingredient, $recipe->lines[$line]->strength];
        $row = $this->refuseUnlike($old, $with);
        $swapped =
            $line === null
                ? $this->base($recipe, $mix, $oldStrength, $with, $strength, $stated, $row)
                : $this->line($recipe, $mix, $line, $with, $strength, $stated, $row);

        return Swap::of($swapped, [
            ...$this->said($row, $old, $with),
            ...$this->moreDangerous($old, $oldStrength, $with, $strength),
            ...$this->waterMoves($recipe, $mix, $swapped),
        ]);
    }

    /** Whether it may be tried at all: the same substance, or a pair that is listed as alike. */
    public function mayStandIn(Ingredient $old, Ingredient $with): bool
    {
        return $with->substance !== null && (self::isSame($old, $with) || $this->row($old, $with)?->string('verdict') === 'similar');
    }

    /** One and the same substance; of what many things go by, the same thing. */
    private static function isSame(Ingredient $old, Ingredient $with): bool
    {
        return $old->substance !== null &&
            $old->substance->id === $with->substance?->id &&
            (! $old->substance->isUmbrella || $old->isSame($with));
    }

    /** @return Row|null the row that says they are alike; null for one and the same substance */
    private function refuseUnlike(Ingredient $old, Ingredient $with): ?Row
    {
        if ($old->substance === null || $with->substance === null) {
            throw SubstitutionException::notKnown($old->name, $with->name);
        }
        if (self::isSame($old, $with)) {
            return null;
        }
        $row = $this->row($old, $with) ?? throw SubstitutionException::notKnown($old->name, $with->name);

        return $row->string('verdict') === 'similar'
            ? $row
            : throw SubstitutionException::doesNotWork($row->string('say'), $old->name, $with->name);
    }

    private function row(Ingredient $old, Ingredient $with): ?Row
    {
        return $this->pairs[$old->substance?->id][$with->substance?->id] ?? null;
    }

    private function line(Recipe $recipe, Mix $mix, int $position, Ingredient $with, Strength $strength, ?string $stated, ?Row $row): Recipe
    {
        $line = $recipe->lines[$position];
        $worked = $mix->lines[$position];
        $poured = $line->isPoured() ? $worked->volumeMl ?? 0.0 : $worked->massG ?? 0.0;
        $amount = $poured * $this->ratio($line->ingredient, $line->strength, $with, $strength, $row);
        $new = RecipeLine::of($with, $this->amount($amount, $with, $strength), $strength, $stated);
        $lines = $recipe->lines;
        $lines[$position] = $new;
        if ($line->amount->unit->kind === UnitKind::Strength && $row === null) {
            // A wanted final strength stays as it is written; the bottle alone changes.
            $lines[$position] = RecipeLine::of($with, $line->amount, $strength, $stated);
        }
        if ($recipe->basis === Basis::Final) {
            $this->refuseTooWeak(
                $mix->finalVolume->likely,
                $mix->baseMl + ($line->isPoured() ? $poured : 0.0),
                $new->isPoured() ? $amount : 0.0,
                $with,
            );

            return $recipe->withLines(array_values($lines));
        }
        $room = $mix->baseMl + ($line->isPoured() ? $poured : 0.0);
        $base = $room - ($new->isPoured() ? $amount : 0.0);
        $this->refuseTooWeak($mix->finalVolume->likely, $room, $new->isPoured() ? $amount : 0.0, $with);
        $sameBase = abs($base - $mix->baseMl) < 1e-6 * $mix->baseMl;

        return $recipe
            ->withLines(array_values($lines))
            ->withBase(
                $sameBase ? $recipe->base : self::millilitres($base),
                $recipe->liquid,
                $recipe->liquidStrength,
                $recipe->statedLiquidStrength,
            );
    }

    /** A stronger base liquid is thinned with water to the same strength; a weaker one cannot be made stronger. */
    private function base(Recipe $recipe, Mix $mix, Strength $old, Ingredient $with, Strength $strength, ?string $stated, ?Row $row): Recipe
    {
        $ratio = $this->ratio($recipe->liquid, $old, $with, $strength, $row);
        if ($ratio > 1.0 + 1e-9) {
            throw SubstitutionException::tooWeak($with->name, 100 / $ratio);
        }
        $water = $mix->baseMl * (1 - $ratio);
        $lines = $recipe->lines;
        if ($water > 1e-6 * $mix->baseMl) {
            $liquid = $this->ingredients->named('water');
            array_unshift($lines, RecipeLine::of($liquid, self::millilitres($water), Strength::usual($liquid)));
        }
        $base = $recipe->basis === Basis::Final || $ratio > 1 - 1e-9 ? $recipe->base : self::millilitres($mix->baseMl * $ratio);

        return $recipe->withLines($lines)->withBase($base, $with, $strength, $stated);
    }

    /** How much of the new one does the work of one of the old. Dry plant material counts as fresh. */
    private function ratio(Ingredient $old, Strength $was, Ingredient $with, Strength $is, ?Row $row): float
    {
        $byVolume = $row === null ? $was->millilitres !== null && $is->millilitres !== null : $row->string('by') === 'volume';
        $content = static fn (Ingredient $one, Strength $strength): float => $byVolume
            ? $strength->millilitres->likely ?? $strength->grams->likely
            : $strength->grams->likely * $one->freshEquivalent;

        return $content($old, $was) / $content($with, $is);
    }

    private function amount(float $amount, Ingredient $with, Strength $strength): Amount
    {
        if ($with->isTablet) {
            $each = $strength->tablet === null ? BigRational::of('0.325') : self::rounded($strength->tablet);

            return Amount::of(self::rounded($amount / $each->toFloat()), Unit::tabletOf($each));
        }

        return $with->isLiquid || $strength->isSolution
            ? self::millilitres($amount)
            : Amount::of(self::rounded($amount), Unit::plain(UnitKind::Mass));
    }

    private function refuseTooWeak(float $final, float $room, float $needed, Ingredient $with): void
    {
        if ($needed > $room * (1 + 1e-9)) {
            throw SubstitutionException::tooWeak($with->name, (100 * $room) / $needed);
        }
    }

    /** @return list<Finding> */
    private function said(?Row $row, Ingredient $old, Ingredient $with): array
    {
        return $row === null
            ? []
            : [
                Finding::of(
                    'substitution',
                    Severity::Notice,
                    $row->string('say'),
                    ['from' => $old->name, 'to' => $with->name],
                    $row->string('basis'),
                    $row->string('sure'),
                    $with->substance === null ? [] : [$with->substance->id],
                ),
            ];
    }

    /** @return list<Finding> dangers of the new bottle that the old one did not have */
    private function moreDangerous(Ingredient $old, Strength $was, Ingredient $with, Strength $is): array
    {
        $before = $this->hazards->ofBottle($old, $was);
        $findings = [];
        foreach ($this->hazards->ofBottle($with, $is) as $kind => $hazard) {
            if ($hazard->rank > ($before[$kind]->rank ?? 0)) {
                $findings[] = Finding::of(
                    'substitution',
                    Severity::Caution,
                    'substitute.more-dangerous',
                    ['to' => $with->name, 'hazard' => $hazard->said()],
                    $hazard->basis,
                    $hazard->sure,
                    $with->substance === null ? [] : [$with->substance->id],
                );
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function waterMoves(Recipe $recipe, Mix $mix, Recipe $swapped): array
    {
        $now = $this->mixer->mix($swapped)->baseMl;
        $more = $now - $mix->baseMl;

        return abs($more) < 0.001 * $mix->baseMl
            ? []
            : [
                Finding::of('substitution', Severity::Notice, $more > 0 ? 'substitute.more-base' : 'substitute.less-base', [
                    'base' => $swapped->liquid->name,
                    'ml' => abs($more),
                    'now' => $now,
                ]),
            ];
    }

    private static function millilitres(float $ml): Amount
    {
        return Amount::of(self::rounded($ml), Unit::plain(UnitKind::Volume));
    }

    /** To seven figures: far finer than anything is poured, and still short to read. */
    private static function rounded(float $number): BigRational
    {
        $decimals = max(0, 6 - (int) floor(log10(max($number, 1e-9))));

        return BigRational::of(number_format($number, min($decimals, 9), '.', ''))->simplified();
    }
}
