<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Words;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Strength;

/** Says which strength was taken where a recipe states none and bottles differ. */
final class UsualStrengthRule implements Rule
{
    public function grounds(): array
    {
        return [RuleGround::plain('usual-strength', GroundTopic::Measures, 'practice', 'medium')];
    }

    public function sentences(): array
    {
        return ['usual-strength', 'usual-strength.exact'];
    }

    public function judge(Situation $situation): iterable
    {
        $recipe = $situation->mix->recipe;
        $seen = [];
        $sources = [[$recipe->liquid, $recipe->liquidStrength]];
        foreach ($recipe->lines as $line) {
            $sources[] = [$line->ingredient, $line->strength];
        }
        foreach ($sources as [$ingredient, $strength]) {
            if ($this->isAssumed($ingredient, $strength) && ! isset($seen[$ingredient->id])) {
                $seen[$ingredient->id] = true;
                yield $this->finding($ingredient);
            }
        }
    }

    private function isAssumed(Ingredient $ingredient, Strength $strength): bool
    {
        return $strength->isUsual && $ingredient->substance !== null && ! $ingredient->substance->isUnlabelled
            // Milk powder stands for ten times its weight of milk, which is no strength of a bottle.
            && ! ($ingredient->usual->isExact() && $ingredient->usual->likely === 100.0) && $ingredient->usual->likely <= 100.0;
    }

    private function finding(Ingredient $ingredient): Finding
    {
        $usual = $ingredient->usual;

        return Finding::of(
            'usual-strength',
            Severity::Notice,
            $usual->isExact() ? 'usual-strength.exact' : 'usual-strength',
            [
                'ingredient' => $ingredient->name,
                'likely' => $usual->likely,
                'low' => $usual->low,
                'high' => $usual->high,
                'unit' => $ingredient->percent->value === 'purity' ? '% by mass' : '% '.$ingredient->percent->value,
            ],
            $ingredient->usualBasis,
            $ingredient->usualSure,
            $ingredient->substance === null ? [] : [$ingredient->substance->id],
        )->from('usual-strength');
    }
}
