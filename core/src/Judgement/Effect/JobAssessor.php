<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Effect;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\Compatibility\Pairs;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Judgement\Tolerance\EffectStanding;
use Nebbia\Core\Judgement\Use\DisinfectingRule;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;

/** Asks of each ingredient what it is there for, and whether its strength reaches that. */
final readonly class JobAssessor
{
    /** @var array<string, Row> */
    private array $jobs;

    public function __construct(Table $jobs, private Pairs $pairs, private EffectRule $effects, private DisinfectingRule $disinfecting)
    {
        $bySubstance = [];
        foreach ($jobs->rows() as $row) {
            $bySubstance[$row->string('substance')] = $row;
        }
        $this->jobs = $bySubstance;
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
        $sources = [[null, $recipe->liquid->name, $recipe->liquidContents()]];
        foreach ($recipe->lines as $n => $line) {
            $sources[] = [$n, $line->ingredient->name, $line->contents()];
        }
        foreach ($sources as [$n, $name, $contents]) {
            foreach ($contents as $position => $content) {
                // Of what holds several, each is asked by its own name.
                $jobs[] = $this->ofSubstance(
                    $situation,
                    $n,
                    $position === 0 ? $name : $content->substance->name,
                    $content->substance->id,
                    $against,
                );
            }
        }

        return array_values(array_filter($jobs));
    }

    /** @param  array<string, string>  $against  substance => what it works against */
    private function ofSubstance(Situation $situation, ?int $line, string $name, string $id, array $against): ?IngredientJob
    {
        $strength = $situation->mix->strengthOf($id);
        if ($strength === null || $strength->percentWv->likely <= 0.0) {
            return null;
        }
        $row = $this->jobs[$id] ?? null;
        $place = $this->place($situation->mix->recipe->use);
        $job = $row === null || ! $row->has($place) ? null : $row->string($place);
        $effect = $this->effects->of($situation, $strength);
        $pull = match (true) {
            isset($against[$id]) => Contribution::Against,
            $effect->standing === EffectStanding::Helps => Contribution::Helps,
            $effect->standing === EffectStanding::HoldsTooLittle => Contribution::Weak,
            $job === null => Contribution::Idle,
            $situation->mix->recipe->use === UseOfSpray::Disinfect => $this->disinfecting->reaches($strength)
                ? Contribution::Pulls
                : Contribution::Weak,
            default => match ($effect->standing) {
                EffectStanding::Works, EffectStanding::WeakSide => Contribution::Pulls,
                EffectStanding::MoreThanNeeded => Contribution::Over,
                EffectStanding::Unknown => Contribution::Unknown,
                default => Contribution::Weak,
            },
        };

        $disinfects = $situation->mix->recipe->use === UseOfSpray::Disinfect ? $this->disinfecting->params($strength) : null;
        $isPerhaps = $disinfects === null
            ? $effect->standing === EffectStanding::PerhapsTooWeak
            : $disinfects['likely'] >= $disinfects['from'] * (1 - 1e-9);

        return IngredientJob::of(
            $line,
            $name,
            $id,
            $pull,
            Message::of(
                in_array($effect->standing, [EffectStanding::Helps, EffectStanding::HoldsTooLittle], true)
                    ? 'job.emulsifier'
                    : 'job.'.($job ?? 'none'),
            ),
            Message::of(
                match (true) {
                    $effect->standing === EffectStanding::HoldsTooLittle => 'pull.holds-too-little',
                    $pull === Contribution::Weak && $isPerhaps => 'pull.perhaps-weak',
                    default => 'pull.'.$pull->value,
                },
                ['other' => $against[$id] ?? ''] + ($disinfects ?? []) + $effect->params(),
            ),
            $row?->string('basis') ?? 'practice',
            $row?->string('sure') ?? 'low',
        );
    }

    private function place(UseOfSpray $use): string
    {
        return $use->wetsLeaves() ? 'leaves' : $use->value;
    }
}
