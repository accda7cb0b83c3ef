<?php

declare(strict_types=1);

namespace Nebbia\Core\Making;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Mixing\FinalStrength;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\PreparationException;
use Nebbia\Core\Substance\Content;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\Substances;

/**
 * Works a preparation out. What the cloth keeps back is as strong as what comes through: straining takes volume and leaves strength. What
 * boils away leaves the rest stronger, and topping up afterwards makes it weaker by as much as was missing.
 */
final readonly class Maker
{
    /** A measuring jug may be off by so much. */
    private const JUG = 1.03;

    public function __construct(private Ingredients $ingredients, private Substances $substances, private Mixer $mixer) {}

    /** @throws BadInput if a line cannot be measured, or what was measured cannot be */
    public function make(Making $making): Preparation
    {
        $kind = $making->kind;
        $ingredient = $this->ingredients->named($kind->makes);
        if ($making->recipe === null) {
            $volume = $making->toppedUp ?? $making->strained;

            return Preparation::of(
                $making,
                $ingredient,
                $volume,
                $this->diluted($this->counted($kind, []), $making->strained, $making->toppedUp),
                [],
                null,
            );
        }
        $pot = $this->mixer->mix($making->recipe);
        $left = $kind->method->leftInPot();
        $this->refuseTooMuch($making, $pot, $left);
        $inPot = $this->concentrated($pot, $making, $left);
        $through = $making->strained ?? $pot->finalVolume->times($left)->times($kind->method->recovered);
        $this->refuseTooLittle($making, $through);

        return Preparation::of(
            $making,
            $ingredient,
            $making->toppedUp ?? $through,
            $this->mainFirst($this->diluted($this->counted($kind, $inPot), $through, $making->toppedUp), $ingredient),
            $this->plants($inPot),
            $pot,
        );
    }

    /**
     * What one mL of the liquid in the pot holds once it is done.
     *
     * Nothing of what is dissolved boils away; where the strained volume was measured, what was left in the pot follows from it.
     *
     * @return list<Content>
     */
    private function concentrated(Mix $pot, Making $making, Interval $left): array
    {
        $boils = $making->kind->method->evaporated->high > 0.0;
        $factor = match (true) {
            ! $boils => Interval::exactly(1.0),
            $making->strained !== null => $making->kind->method->recovered->times($pot->finalVolume->likely)->dividedBy($making->strained),
            default => Interval::exactly(1.0)->dividedBy($left),
        };

        return array_map(
            static fn (FinalStrength $one): Content => Content::of(
                $one->substance,
                $one->percentWv->times(0.01)->times($factor),
                $one->percentVv?->times(0.01)->times($factor),
                $one->percentFresh->times(0.01)->times($factor),
            ),
            $pot->strengths,
        );
    }

    /**
     * A ferment is no longer what went in: it counts by its own volume.
     *
     * @param  list<Content>  $contents
     * @return list<Content>
     */
    private function counted(Kind $kind, array $contents): array
    {
        if ($kind->countsAs === null) {
            return $contents;
        }
        $substance = $this->substances->of($kind->countsAs);
        $whole = Interval::exactly(1.0);

        return [
            Content::of($substance, $substance->density ?? $whole, $whole),
            ...array_values(array_filter($contents, static fn (Content $one): bool => in_array($one->substance->id, $kind->with, true))),
        ];
    }

    /**
     * @param  list<Content>  $contents
     * @return list<Content>
     */
    private function diluted(array $contents, ?Interval $through, ?Interval $toppedUp): array
    {
        if ($toppedUp === null || $through === null) {
            return $contents;
        }
        $factor = $through->dividedBy($toppedUp);
        $factor = Interval::of(min(1.0, $factor->low), min(1.0, $factor->likely), min(1.0, $factor->high));

        return array_map(static fn (Content $one): Content => $one->times($factor), $contents);
    }

    /**
     * @param  list<Content>  $contents
     * @return array<string, Interval>
     */
    private function plants(array $contents): array
    {
        $plants = [];
        foreach ($contents as $content) {
            if ($content->substance->isPlant) {
                $plants[$content->substance->id] = $content->grams;
            }
        }

        return $plants;
    }

    /**
     * @param  list<Content>  $contents
     * @return list<Content>
     */
    private function mainFirst(array $contents, Ingredient $ingredient): array
    {
        usort(
            $contents,
            static fn (Content $a, Content $b): int => ($b->substance->id === $ingredient->substance?->id) <=>
                ($a->substance->id === $ingredient->substance?->id),
        );

        return $contents;
    }

    private function refuseTooMuch(Making $making, Mix $pot, Interval $left): void
    {
        $most = $pot->finalVolume->high * $left->high;
        if ($making->strained !== null && $making->strained->low > $most * self::JUG) {
            throw PreparationException::moreThanWentIn($most);
        }
    }

    private function refuseTooLittle(Making $making, Interval $through): void
    {
        if ($making->toppedUp !== null && $making->toppedUp->high * self::JUG < $through->low) {
            throw PreparationException::lessThanThere($through->low);
        }
    }
}
