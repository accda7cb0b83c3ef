<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Measure\AmountException;
use Nebbia\Core\Measure\Kitchen\Drops;
use Nebbia\Core\Measure\Tool\OwnMeasures;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Mixing\Recipe\RecipeLine;
use Nebbia\Core\Substance\Density;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\PercentMeaning;

/**
 * From an amount of an ingredient to a dose: through its density, what a piece of it weighs, or its strength.
 */
final readonly class DoseReader
{
    /** @param  OwnMeasures|null  $own  what the gardener has measured of drops, squeezes and the like */
    public function __construct(
        private Drops $drops,
        private ?OwnMeasures $own = null,
    ) {}

    public function with(OwnMeasures $own): self
    {
        return new self($this->drops, $own);
    }

    /** Whether the gardener has measured how much that is. */
    public function isOwn(RecipeLine $line): bool
    {
        return $this->own?->find($line->amount->unit->id, $line->ingredient->id) !== null;
    }

    /** @throws AmountException if the ingredient cannot be measured so */
    public function read(RecipeLine $line): Dose
    {
        $unit = $line->amount->unit;
        $poured = $line->isPoured();

        return match ($unit->kind) {
            UnitKind::PerBase => Dose::perBase($line->amount->inBase(), $poured),
            UnitKind::PerFinal => Dose::perFinal($line->amount->inBase(), $poured),
            UnitKind::Strength => Dose::perFinal($this->forStrength($line), $poured),
            default => Dose::outright($this->size($line->amount, $line->ingredient, $poured, $line), $poured),
        };
    }

    /** g/mL of the line's ingredient as poured or spooned; null where it is not known. */
    public function density(RecipeLine $line): ?Interval
    {
        if ($line->strength->isSolution) {
            return Density::ofWater()->at(0.0);
        }

        return $line->ingredient->density?->at($line->strength->percent->likely);
    }

    private function size(Amount $amount, Ingredient $ingredient, bool $poured, RecipeLine $line): Interval
    {
        $unit = $amount->unit;
        if ($unit->id === 'tablet') {
            return match (true) {
                ! $ingredient->isTablet => throw AmountException::noSuchPiece($ingredient->name, $unit->label),
                $line->strength->tablet !== null => $amount->count()->times($line->strength->tablet),
                default => $amount->inBase(),
            };
        }
        $own = $this->own?->find($unit->id, $ingredient->id);
        if ($own !== null) {
            $size = $amount->count()->times($own->one);
            $isVolume = ! $own->isWeighed;
        } elseif ($ingredient->knowsPiece($unit->id) && ! $line->strength->isSolution) {
            $size = $amount->count()->times($ingredient->piece($unit->id));
            $isVolume = $ingredient->pieceIsVolume($unit->id);
        } elseif ($unit->id === 'handful' && ! $ingredient->isLiquid && $ingredient->density !== null) {
            $size = $amount->count()->times($this->drops->of('handful'));
            $isVolume = true;
        } elseif ($unit->likely === null) {
            throw AmountException::noSuchPiece($ingredient->name, $unit->label);
        } else {
            $size = $unit->id === 'drop'
                ? $amount->count()->times($this->drops->of($ingredient->drop))
                : $amount->inBase();
            $isVolume = $unit->kind === UnitKind::Volume;
        }
        if ($isVolume === $poured) {
            return $size;
        }
        $density = $this->density($line) ?? throw AmountException::noDensity($ingredient->name, $unit->label);

        return $isVolume ? $size->times($density) : $size->dividedBy($density);
    }

    /**
     * How much of the ingredient one mL of finished spray needs for the wanted strength. What is poured out is settled by the
     * likely strength of the bottle; how far the bottle may be off shows in the strengths that come out.
     */
    private function forStrength(RecipeLine $line): Interval
    {
        $ingredient = $line->ingredient;
        if ($ingredient->substance === null) {
            throw AmountException::noSubstance($ingredient->name);
        }
        $unit = $line->amount->unit;
        $byVolume = $unit->byVolume || ($unit->id === 'percent' && $ingredient->percent === PercentMeaning::ByVolume);
        $content = $byVolume ? $line->strength->millilitres?->likely : $line->strength->grams->likely;
        if ($content === null) {
            throw AmountException::notByVolume($ingredient->name);
        }
        $share = $line->amount->inBase()->dividedBy($content);
        if ($line->isPoured() && $share->high >= 1.0) {
            throw AmountException::stretchedStrength($ingredient->name, 100 * $content);
        }

        return $share;
    }
}
