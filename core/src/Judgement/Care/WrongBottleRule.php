<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Care;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\Hazard\Hazard;
use Nebbia\Core\Mixing\Hazard\Hazards;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Strength;
use Nebbia\Core\Substance\Substances;

/** A bottle that hurts whoever opens it where the kind in every cupboard does not: 30 % peroxide, 20 % vinegar. */
final readonly class WrongBottleRule implements Rule
{
    public function __construct(private Hazards $hazards, private Substances $substances) {}

    public function grounds(): array
    {
        return array_map(
            fn (Hazard $hazard): RuleGround => RuleGround::of(
                "hazard.$hazard->id",
                GroundTopic::People,
                Message::of('ground.hazard.title', [
                    'name' => $this->substances->names($hazard->substances),
                    'from' => $hazard->from,
                    'unit' => $hazard->unit,
                ]),
                $hazard->said(),
                $hazard->basis,
                $hazard->sure,
                $hazard->substances,
            ),
            $this->hazards->all,
        );
    }

    public function sentences(): array
    {
        return ['bottle.strong'];
    }

    public function judge(Situation $situation): iterable
    {
        $recipe = $situation->mix->recipe;
        $bottles = [[$recipe->liquid, $recipe->liquidStrength]];
        foreach ($recipe->lines as $line) {
            $bottles[] = [$line->ingredient, $line->strength];
        }
        $seen = [];
        foreach ($bottles as [$ingredient, $strength]) {
            $hazard = isset($seen[$ingredient->id]) ? null : $this->unusual($ingredient, $strength);
            if ($hazard !== null) {
                $seen[$ingredient->id] = true;
                yield Finding::of(
                    'bottle',
                    $hazard->rank > 1 ? Severity::Caution : Severity::Notice,
                    'bottle.strong',
                    [
                        'name' => $ingredient->name,
                        'percent' => 100.0 * $strength->grams->likely,
                        'usual' => $ingredient->usual->likely,
                        'hazard' => $hazard->said(),
                    ],
                    $hazard->basis,
                    $hazard->sure,
                    $ingredient->substance === null ? [] : [$ingredient->substance->id],
                )->from("hazard.$hazard->id");
            }
        }
    }

    /** The gravest hazard of this bottle that its usual strength does not have. */
    private function unusual(Ingredient $ingredient, Strength $strength): ?Hazard
    {
        if ($strength->isUsual) {
            return null;
        }
        $usual = $this->hazards->ofBottle($ingredient, Strength::usual($ingredient));
        foreach ($this->hazards->ofBottle($ingredient, $strength) as $kind => $hazard) {
            if ($hazard->rank > ($usual[$kind]->rank ?? 0)) {
                return $hazard;
            }
        }

        return null;
    }
}
