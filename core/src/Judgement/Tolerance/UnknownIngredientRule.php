<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\Recipe\RecipeLine;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Substance\OwnIngredients;

/** Something in it of which nothing is known: tried on a patch first, and from some strength on with care. */
final readonly class UnknownIngredientRule implements Rule
{
    private const KEY = 'ingredient.unknown';

    private Row $limits;

    public function __construct(Table $tolerances)
    {
        $this->limits = $tolerances->part('unknown');
    }

    public function grounds(): array
    {
        return [
            RuleGround::plain('ingredient-unknown', GroundTopic::Leaves, $this->limits->string('basis'), $this->limits->string('sure'), [
                'careful' => $this->limits->float('careful'),
            ]),
        ];
    }

    public function sentences(): array
    {
        return [self::KEY];
    }

    public function judge(Situation $situation): iterable
    {
        $recipe = $situation->mix->recipe;
        $strength = $situation->mix->strengthOf(OwnIngredients::SUBSTANCE)?->percentWv->likely;
        if ($strength === null) {
            return;
        }
        $names = array_map(
            static fn (RecipeLine $line): string => $line->ingredient->name,
            array_filter($recipe->lines, static fn (RecipeLine $line): bool => OwnIngredients::isOwn($line->ingredient->id)),
        );
        if (OwnIngredients::isOwn($recipe->liquid->id)) {
            array_unshift($names, $recipe->liquid->name);
        }
        $isCaution =
            $recipe->use === UseOfSpray::Weed || ($recipe->use !== UseOfSpray::Disinfect && $strength >= $this->limits->float('careful'));
        yield Finding::of(
            'unknown',
            $isCaution ? Severity::Caution : Severity::Notice,
            self::KEY,
            [
                'names' => implode(', ', array_unique($names)),
                'percent' => $strength,
                'use' => $recipe->use->value,
                'plant' => $situation->plantName(),
            ],
            $this->limits->string('basis'),
            $this->limits->string('sure'),
        )->from('ingredient-unknown');
    }
}
