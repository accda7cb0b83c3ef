<?php

declare(strict_types=1);

namespace App\Notebook\Queries;

use App\Bench\Queries\JudgeMix;
use App\Bench\Resources\IntervalResource;
use App\Bench\SprayHistory;
use App\Core\Say;
use App\Garden\Resources\PlantingResource;
use App\Models\Garden;
use App\Models\Look;
use App\Models\LookKind;
use App\Models\NeverAgain;
use App\Models\Planting;
use App\Models\Recipe;
use App\Notebook\Resources\LearnedResource;
use App\Notebook\Resources\LookResource;
use App\Notebook\Resources\LooksResource;
use App\Notebook\Resources\NeverResource;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Figures;
use Nebbia\Core\Judgement\Evidence\Learner;
use Nebbia\Core\Judgement\Evidence\Observation;
use Nebbia\Core\Judgement\Evidence\PatchLadder;
use Nebbia\Core\Judgement\Evidence\PatchLadders;
use Nebbia\Core\Judgement\Tolerance\Limits;
use Nebbia\Core\Plant\Thresholds;
use Nebbia\Core\Substance\Substances;

/** The story of a planting's leaves. */
final readonly class ShowLooks
{
    private const ROUNDS = 12;

    public function __construct(
        private Thresholds $thresholds,
        private Limits $limits,
        private Substances $substances,
        private PatchLadders $patchLadders,
        private Catalogue $catalogue,
        private JudgeMix $judge,
        private SprayHistory $past,
        private Learner $learner,
        private Nevers $nevers,
        private ListHad $had,
    ) {}

    public function __invoke(Garden $garden, Planting $planting): LooksResource
    {
        $looks = $garden->looks()->where('planting_id', $planting->id)->get();
        $recipes = $garden
            ->recipes()
            ->whereIn('id', $looks->pluck('recipe_id')->filter()->unique()->all())
            ->get()
            ->keyBy('id');
        $ladders = $recipes->map(fn (Recipe $recipe): ?PatchLadder => $this->ladder($garden, $recipe, $planting));

        return new LooksResource(
            PlantingResource::of($planting),
            array_values($looks->map(fn (Look $look): LookResource => $this->look($look, $ladders))->all()),
            $this->learned($garden, $planting),
            $this->rounds($garden, $planting),
            array_map($this->never(...), $this->nevers->said($garden, $planting)),
            ($this->had)($garden, $planting->id, self::ROUNDS),
        );
    }

    private function never(NeverAgain $one): NeverResource
    {
        $ingredient = $this->nevers->inCore($one)->name();
        $kind = $one->planting->met()->name;
        $said = Say::it($one->whole_kind ? 'never.on-all' : 'never.on-this', ['name' => $ingredient, 'kind' => $kind]);

        return new NeverResource($one->id, $one->version, $ingredient, $said, $this->nevers->when($one), $one->why);
    }

    /** A recipe may have been changed since into one that cannot be read. */
    private function ladder(Garden $garden, Recipe $recipe, Planting $planting): ?PatchLadder
    {
        try {
            return $this->patchLadders->of($this->judge->judgedMix($garden, $recipe->body, null, $planting, null));
        } catch (BadInput) {
            return null;
        }
    }

    /** @param  Collection<array-key, PatchLadder|null>  $ladders */
    private function look(Look $look, Collection $ladders): LookResource
    {
        $ladder = $look->recipe_id === null ? null : $ladders->get($look->recipe_id);
        $advice =
            $look->score === null || $ladder === null || $look->kind !== LookKind::Patch
                ? null
                : $ladder->advise($look->fraction, $look->score);
        $said = [];
        foreach ($look->strengths as $id => $strength) {
            $said[] =
                $this->substances->of($id)->name.
                ' '.
                Figures::strength($strength).
                ' '.
                Figures::unit($this->thresholds->of($id)->unit ?? '%');
        }
        $when = static fn (?CarbonImmutable $at): ?string => $at?->toIso8601ZuluString();

        return new LookResource(
            $look->id,
            $look->version,
            $look->planting_id,
            $look->kind->value,
            $look->recipe_name,
            $look->recipe_id,
            $look->fraction,
            implode(', ', $said),
            $look->leaves,
            $look->put_on_at->toIso8601ZuluString(),
            $when($look->look_at),
            $look->score === null && $look->look_at !== null && $look->look_at->isPast(),
            $when($look->seen_at),
            $look->score,
            $look->note,
            $advice === null ? null : $this->catalogue->say($advice->what()),
            $advice === null ? null : $this->catalogue->say($advice->because($look->score ?? 0.0)),
            $advice?->id,
            $advice?->step?->fraction,
        );
    }

    /** @return list<LearnedResource> */
    private function learned(Garden $garden, Planting $planting): array
    {
        $evidence = $this->past->evidence($garden, $planting->id);
        $plant = $planting->met();
        $ids = array_unique(
            array_merge(...array_map(static fn (Observation $one): array => array_keys($one->strengths), $evidence->observations)),
        );
        $learned = [];
        foreach ($ids as $id) {
            $threshold = $this->thresholds->of($id);
            $prior = $threshold?->careful($plant->groupFor($threshold->listedAs)) ?? 0.0;
            $found =
                $threshold === null || $prior <= 0.0 ? null : $this->learner->learn($evidence->of($id), $this->limits->ratio($plant, $id));
            if ($threshold !== null && $found !== null) {
                $learned[] = new LearnedResource(
                    $this->substances->of($id)->name,
                    $threshold->unit,
                    $prior,
                    $prior * $found->factor,
                    $found->factor,
                    IntervalResource::of($found->range->times($prior)),
                    $found->observations,
                    Figures::strength($prior * $found->factor).' '.Figures::unit($threshold->unit),
                    Figures::range($found->range->times($prior)),
                    Figures::strength($prior),
                );
            }
        }

        return $learned;
    }

    /** @return list<array{id: string, what: string}> */
    private function rounds(Garden $garden, Planting $planting): array
    {
        return array_values(
            $garden
                ->applications()
                ->toBase()
                ->whereRaw('exists (select 1 from json_each(applications.planting_ids) as one where one.value = ?)', [$planting->id])
                ->limit(self::ROUNDS)
                ->selectRaw("id, applied_at, json_extract(snapshot, '$.recipe_name') as recipe")
                ->get()
                ->map(
                    static fn (object $row): array => [
                        'id' => (string) $row->id,
                        'what' => app(Catalogue::class)->hear(
                            CarbonImmutable::parse((string) $row->applied_at, 'UTC')->setTimezone($garden->time_zone)->format('j F Y'),
                        ).", $row->recipe",
                    ],
                )
                ->all(),
        );
    }
}
