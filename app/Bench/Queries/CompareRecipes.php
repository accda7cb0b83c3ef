<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Resources\ComparedRecipeResource;
use App\Bench\Resources\ComparedStrengthResource;
use App\Bench\Resources\ComparedSubstanceResource;
use App\Bench\Resources\ComparisonResource;
use App\Bench\Resources\IntervalResource;
use App\Core\Say;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Recipe;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Figures;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Instructions\Comparison\ComparedSubstance;
use Nebbia\Core\Instructions\Comparison\Comparer;
use Nebbia\Core\Judgement\Headline;
use Nebbia\Core\Judgement\JudgedMix;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Measure\PreciseWords;

/** Kept recipes side by side, against one plant. */
final readonly class CompareRecipes
{
    public function __construct(private Comparer $comparer, private JudgeMix $judge, private Catalogue $catalogue) {}

    /**
     * @param  list<string>  $ids
     *
     * @throws BadInput
     */
    public function __invoke(Garden $garden, array $ids, ?Planting $planting): ComparisonResource
    {
        $stored = $garden->recipes()->whereKey($ids)->get()->keyBy('id');
        $recipes = array_map(
            static fn (string $id): Recipe => $stored->get($id) ??
                throw ValidationException::withMessages(['recipe_ids' => Say::it('refused.one-recipes-not')]),
            $ids,
        );
        $judged = array_map(
            fn (Recipe $recipe): JudgedMix => $this->judge->judgedMix($garden, $recipe->body, null, $planting, null),
            $recipes,
        );
        $rows = $this->comparer->compare(array_map(static fn (JudgedMix $one): Situation => $one->situation, $judged));

        return new ComparisonResource(
            $this->plant($judged[0]->situation),
            array_map(
                fn (Recipe $recipe, JudgedMix $one): ComparedRecipeResource => $this->recipe($recipe, $one, $garden),
                $recipes,
                $judged,
            ),
            array_map($this->substance(...), $rows),
        );
    }

    private function recipe(Recipe $recipe, JudgedMix $judged, Garden $garden): ComparedRecipeResource
    {
        $headline = Headline::of($judged);

        return new ComparedRecipeResource(
            $recipe->id,
            $recipe->name,
            $headline->severity->value,
            $this->catalogue->sentence($headline->what),
            PreciseWords::volume($judged->mix->finalVolume->likely, $garden->units),
        );
    }

    private function substance(ComparedSubstance $row): ComparedSubstanceResource
    {
        $gauge = $row->gauge;

        return new ComparedSubstanceResource(
            $gauge->substance,
            $gauge->name,
            $gauge->unit,
            $gauge->works[0] ?? null,
            $gauge->works[1] ?? null,
            $gauge->careful,
            $gauge->stop,
            $row->schools?->mild,
            $row->schools?->middle,
            $row->schools?->strong,
            isset($gauge->works[0], $gauge->works[1])
                ? Figures::strength($gauge->works[0]).' to '.Figures::strength($gauge->works[1]).' '.Figures::unit($gauge->unit)
                : null,
            $gauge->careful === null ? null : Figures::strength($gauge->careful).' '.Figures::unit($gauge->unit),
            $gauge->stop === null ? null : Figures::strength($gauge->stop).' '.Figures::unit($gauge->unit),
            $this->strengths($row),
        );
    }

    /** @return list<ComparedStrengthResource> */
    private function strengths(ComparedSubstance $row): array
    {
        $strengths = [];
        foreach ($row->strengths as $n => $one) {
            if ($one !== null) {
                $strengths[] = new ComparedStrengthResource(
                    $n,
                    IntervalResource::of($one->strength),
                    Figures::strength($one->strength->likely).' '.Figures::unit($row->gauge->unit),
                    $one->standing === null ? null : $this->catalogue->say(Message::of("standing.{$one->standing->value}")),
                    $one->verdict?->severity()->value ?? 'unjudged',
                );
            }
        }

        return $strengths;
    }

    private function plant(Situation $situation): string
    {
        $name = $situation->plantName();

        return $name instanceof Message ? $this->catalogue->say($name) : $name;
    }
}
