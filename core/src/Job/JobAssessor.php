<?php

declare(strict_types=1);

namespace Nebbia\Core\Job;

use Nebbia\Core\Compatibility\Pairs;
use Nebbia\Core\Formulation\UseOfSpray;
use Nebbia\Core\Ingredient\Ingredient;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Knowledge\Row;
use Nebbia\Core\Message\Message;
use Nebbia\Core\Tolerance\DisinfectingRule;
use Nebbia\Core\Tolerance\EffectRule;
use Nebbia\Core\Tolerance\Standing;

/** Asks of each ingredient what it is there for, and whether its strength reaches that. */
final readonly class JobAssessor
{
    private EffectRule $effects;

    private DisinfectingRule $disinfecting;

    private Pairs $pairs;

    /** @var array<string, Row> */
    private array $jobs;

    public function __construct(Knowledge $knowledge)
    {
        $this->effects = new EffectRule($knowledge);
        $this->disinfecting = new DisinfectingRule($knowledge);
        $this->pairs = $knowledge->pairs();
        $jobs = [];
        foreach ($knowledge->rows('jobs') as $row) {
            $jobs[$row->string('substance')] = $row;
        }
        $this->jobs = $jobs;
    }

    /** @return list<IngredientJob> in the recipe's order; of an ingredient that carries nothing there is none */
    public function assess(Situation $situation): array
    {
        $against = [];
        foreach ($this->pairs->in($situation->mix) as [$pair, $a, $b]) {
            if ($pair->undoes) {
                $against[$a->substance->id] ??= $b->substance->name;
                $against[$b->substance->id] ??= $a->substance->name;
            }
        }
        $recipe = $situation->mix->recipe;
        $jobs = [];
        foreach ([[null, $recipe->liquid], ...array_map(static fn (int $n): array => [$n, $recipe->lines[$n]->ingredient], array_keys($recipe->lines))] as [$n, $ingredient]) {
            $job = $this->ofIngredient($situation, $n, $ingredient, $against);
            if ($job !== null) {
                $jobs[] = $job;
            }
        }

        return $jobs;
    }

    /** @param  array<string, string>  $against  substance => what it works against */
    private function ofIngredient(Situation $situation, ?int $line, Ingredient $ingredient, array $against): ?IngredientJob
    {
        $strength = $ingredient->substance === null ? null : $situation->mix->strengthOf($ingredient->substance->id);
        if ($strength === null) {
            return null;
        }
        $id = $strength->substance->id;
        $row = $this->jobs[$id] ?? null;
        $place = $this->place($situation->mix->recipe->use);
        $job = $row === null || ! $row->has($place) ? null : $row->string($place);
        $effect = $this->effects->of($situation, $strength);
        $pull = match (true) {
            isset($against[$id]) => Pull::Against,
            $effect->standing === Standing::Helps => Pull::Helps,
            $job === null => Pull::Idle,
            $situation->mix->recipe->use === UseOfSpray::Disinfect => $this->disinfecting->reaches($strength) ? Pull::Pulls : Pull::Weak,
            default => match ($effect->standing) {
                Standing::Works => Pull::Pulls,
                Standing::MoreThanNeeded => Pull::Over,
                Standing::Unknown => Pull::Unknown,
                default => Pull::Weak,
            },
        };

        return IngredientJob::of(
            $line, $ingredient->name, $id, $pull, Message::of($effect->standing === Standing::Helps ? 'job.emulsifier' : 'job.'.($job ?? 'none')),
            Message::of($pull === Pull::Weak && $effect->standing === Standing::PerhapsTooWeak ? 'pull.perhaps-weak' : 'pull.'.$pull->value, ['other' => $against[$id] ?? ''] + $effect->params()),
            $row?->string('basis') ?? 'practice', $row?->string('sure') ?? 'low',
        );
    }

    private function place(UseOfSpray $use): string
    {
        return $use->wetsLeaves() ? 'leaves' : $use->value;
    }
}
