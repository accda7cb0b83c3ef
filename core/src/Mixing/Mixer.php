<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Measure\Kitchen\KitchenMeasure;
use Nebbia\Core\Measure\Kitchen\Kitchens;
use Nebbia\Core\Measure\Kitchen\KitchenSet;
use Nebbia\Core\Measure\Tool\OwnMeasures;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Recipe\Recipe;
use Nebbia\Core\Mixing\Recipe\RecipeException;
use Nebbia\Core\Mixing\Recipe\RecipeLine;
use Nebbia\Core\Substance\Substance;

/**
 * Works a recipe out: scaled to a volume, each line measured, the final strengths with their uncertainty.
 */
final readonly class Mixer
{
    public function __construct(private Kitchens $kitchens, private MixingOrder $order, private DoseReader $doses) {}

    /** The same, with measures of the gardener's own taken instead of the wide defaults. */
    public function with(OwnMeasures $own): self
    {
        return new self($this->kitchens, $this->order, $this->doses->with($own));
    }

    /**
     * @param  float|null  $targetMl  final volume wanted, mL; null leaves the recipe at its own size
     * @param  UnitSystem|null  $spoons  whose spoons and cups to measure with; the recipe's own if left out
     *
     * @throws BadInput if a line cannot be measured, or the liquids leave no room for the base
     */
    public function mix(Recipe $recipe, ?float $targetMl = null, ?UnitSystem $spoons = null): Mix
    {
        $doses = [];
        foreach ($recipe->lines as $n => $line) {
            try {
                $doses[] = $this->doses->read($line);
            } catch (BadInput $e) {
                throw $e->at("ingredients.$n.amount");
            }
        }
        $base = $recipe->base->inBase();
        $balance = new Balance($recipe->basis, $base, $doses);
        $scale = 1.0;
        if ($targetMl !== null) {
            $scale = $targetMl / $balance->finalMl;
            $balance = new Balance($recipe->basis, $base->times($scale), array_map(
                static fn (Dose $dose): Dose => $dose->scaledBy($scale), $doses,
            ));
        }
        if ($balance->baseMl < -1e-9 * $balance->finalMl) {
            throw RecipeException::noRoomForBase($balance->finalMl - $balance->baseMl, $balance->finalMl);
        }
        if ($balance->finalMl > Amount::LIMIT) {
            throw RecipeException::tooLarge('base.amount');
        }

        return Mix::of(
            $recipe,
            $scale,
            $balance->finalVolume(),
            max(0.0, $balance->baseMl),
            $this->lines($recipe, $balance, $scale, $this->kitchens->of($spoons ?? $recipe->units)),
            $this->strengths($recipe, $balance),
            $this->order->of($recipe),
        );
    }

    /** @return list<MixLine> */
    private function lines(Recipe $recipe, Balance $balance, float $scale, KitchenSet $kitchen): array
    {
        $lines = [];
        foreach ($recipe->lines as $n => $line) {
            $amount = $balance->amounts[$n];
            $density = $this->doses->density($line)?->likely;
            $isCounted = $line->amount->unit->kind === UnitKind::Count;
            if ($line->isPoured()) {
                $volume = $amount;
                $mass = $density === null ? null : $amount * $density;
            } else {
                $volume = $density === null || $isCounted ? null : $amount / $density;
                $mass = $amount;
            }
            $measure = match (true) {
                $isCounted => KitchenMeasure::pieces($line->amount->likely->toFloat() * $scale, $line->amount->unit),
                $volume === null || $volume <= 0.0 || $line->ingredient->weighOnly => null,
                default => $kitchen->nearest($volume),
            };
            $lines[] = MixLine::of($line, $volume, $mass, $measure, $this->doses->isOwn($line));
        }

        return $lines;
    }

    /** @return list<FinalStrength> in the order in which the substances first appear, the base's first */
    private function strengths(Recipe $recipe, Balance $balance): array
    {
        /** @var array<string, array{Substance, array<int, Interval>, array<int, Interval>, array<int, Interval>}> $found */
        $found = [];
        $isDry = [];
        $sources = [$recipe->liquidContents(), ...array_map(static fn (RecipeLine $line): array => $line->contents(), $recipe->lines)];
        foreach ($sources as $position => $contents) {
            foreach ($contents as $content) {
                $id = $content->substance->id;
                $found[$id] ??= [$content->substance, [], [], []];
                $found[$id][1][$position] = $content->grams;
                if ($content->millilitres !== null) {
                    $found[$id][2][$position] = $content->millilitres;
                }
                $found[$id][3][$position] = $content->fresh;
                if ($content->fresh !== $content->grams && $content->fresh->likely !== $content->grams->likely) {
                    $isDry[$id] = true;
                }
            }
        }
        $strengths = [];
        foreach ($found as [$substance, $grams, $millilitres, $fresh]) {
            $wv = $balance->concentration($grams)->times(100.0);
            $strengths[] = FinalStrength::of(
                $substance,
                $wv,
                $substance->density === null ? null : $balance->concentration($millilitres)->times(100.0),
                isset($isDry[$substance->id]) ? $balance->concentration($fresh)->times(100.0) : $wv,
            );
        }

        return $strengths;
    }
}
