<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Resources\AimResource;
use App\Bench\Resources\CareResource;
use App\Bench\Resources\IntervalResource;
use App\Bench\Resources\JobResource;
use App\Bench\Resources\LadderResource;
use App\Bench\Resources\LadderStepResource;
use App\Bench\Resources\LeftResource;
use App\Bench\Resources\MadeResource;
use App\Bench\Resources\PhResource;
use App\Bench\Resources\SafetyResource;
use App\Bench\Resources\TippingResource;
use App\Bench\TypedCircumstances;
use App\Core\Say;
use App\Models\Planting;
use App\Models\TroubleStatus;
use Nebbia\Core\Chemistry\Made;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Figures;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\Care\CareNote;
use Nebbia\Core\Judgement\Care\CareNotes;
use Nebbia\Core\Judgement\Effect\IngredientJob;
use Nebbia\Core\Judgement\Effect\JobAssessor;
use Nebbia\Core\Judgement\Evidence\PatchLadder;
use Nebbia\Core\Judgement\Evidence\PatchLadders;
use Nebbia\Core\Judgement\Evidence\PatchStep;
use Nebbia\Core\Judgement\JudgedMix;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Judgement\Tolerance\TippingPoints;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;
use Nebbia\Core\Pest\Aim;
use Nebbia\Core\Pest\Remedies;
use Nebbia\Core\Substance\Substances;
use Nebbia\Core\Target\Targets;

/** Puts into words what a mix becomes, what its parts do, and what to mind with it. */
final readonly class DescribeSafety
{
    /** Targets that are spoken of. */
    private const MOST_AIMS = 3;

    public function __construct(
        private Substances $substances,
        private PatchLadders $patchLadders,
        private TippingPoints $tippingPoints,
        private Catalogue $catalogue,
        private JobAssessor $jobs,
        private CareNotes $care,
        private Targets $targets,
        private Remedies $remedies,
    ) {}

    /** @param  array<string, mixed>|null  $strengthened  nebbia.recipe/1 */
    public function __invoke(JudgedMix $judged, TypedCircumstances $now, ?Planting $planting, ?array $strengthened): SafetyResource
    {
        $situation = $judged->situation;
        $aftermath = $judged->aftermath;
        $tipping = $this->tippingPoints->of($situation);

        return new SafetyResource(
            $aftermath === null ? null : PhResource::of($aftermath),
            $aftermath?->whyNoPh === null ? null : $this->catalogue->sentence($aftermath->whyNoPh),
            $this->left($situation),
            array_map(
                fn (Made $made): MadeResource => new MadeResource(
                    $this->catalogue->say($made->name()),
                    $made->gramsPerLitre,
                    Say::it($made->isLikely ? 'bench.g-per-l' : 'bench.up-to', [
                        'amount' => KitchenFraction::figures($made->gramsPerLitre),
                    ]),
                ),
                $aftermath->made ?? [],
            ),
            array_map(
                fn (IngredientJob $job): JobResource => new JobResource(
                    $job->line,
                    $job->ingredient,
                    $job->pull->value,
                    $this->catalogue->say($job->job),
                    $this->catalogue->say($job->said),
                ),
                $this->jobs->assess($situation),
            ),
            $tipping === null
                ? null
                : new TippingResource($tipping->works, $tipping->careful, $tipping->stop, $tipping->carefulBy, $tipping->stopBy),
            $this->ladder($judged, $planting),
            array_map(
                fn (CareNote $note): CareResource => new CareResource(
                    $note->id,
                    $note->moment,
                    $note->who,
                    $this->catalogue->say($note->said()),
                ),
                $this->care->of($situation->mix, isIndoors: $situation->circumstances->indoors),
            ),
            $this->known($situation, $now),
            $strengthened,
            $this->aims($situation, $planting),
        );
    }

    /**
     * What it does to what the recipe is written for, and to what is wrong with the plant.
     *
     * @return list<AimResource>
     */
    private function aims(Situation $situation, ?Planting $planting): array
    {
        $troubles = $planting === null
            ? []
            : $planting
                ->troubles()
                ->toBase()
                ->reorder()
                ->where('status', TroubleStatus::Open)
                ->whereNotNull('target')
                ->pluck('target')
                ->all();
        $ids = [];
        foreach ([...$troubles, ...$situation->mix->recipe->targets] as $name) {
            $id = is_string($name) ? $this->targets->idOf($name) : null;
            if ($id !== null) {
                $ids[$id] = $id;
            }
        }
        $aims = [];
        foreach (array_slice($ids, 0, self::MOST_AIMS) as $id) {
            $aim = Aim::of($situation->mix, $this->targets->named($id), $this->remedies);
            $aims[] = new AimResource($aim->target->name, $aim->word, $this->catalogue->sentence($aim->said));
        }

        return $aims;
    }

    /** @return list<LeftResource> of those that are not what went in */
    private function left(Situation $situation): array
    {
        $aftermath = $situation->aftermath;
        $left = [];
        foreach ($aftermath->left ?? [] as $id => $after) {
            $before = $aftermath->before[$id]->likely ?? 0.0;
            if (abs($after->likely - $before) > 0.005 * max($before, $after->likely)) {
                $n = Figures::strength(...);
                $left[] = new LeftResource(
                    $this->substances->of($id)->name,
                    $before,
                    IntervalResource::of($after),
                    $n($before).' → '.$n($after->likely).' %',
                );
            }
        }

        return $left;
    }

    private function ladder(JudgedMix $judged, ?Planting $planting): ?LadderResource
    {
        if (! $judged->mix->recipe->use->wetsLeaves()) {
            return null;
        }
        $ladder = $this->patchLadders->of($judged, $judged->situation->circumstances->hour?->temperature);

        return new LadderResource(
            $this->proposal($judged, $ladder, $planting),
            array_map(
                fn (PatchStep $step): LadderStepResource => new LadderStepResource(
                    $step->fraction,
                    $step->waitHours,
                    $this->catalogue->say(
                        Message::of('patch.step', [
                            'percent' => round(100.0 * $step->fraction),
                            'low' => $ladder->leaves->low,
                            'high' => $ladder->leaves->high,
                            'hours' => $step->waitHours,
                        ]),
                    ),
                ),
                $ladder->steps,
            ),
            array_map($this->catalogue->say(...), $ladder->looks),
        );
    }

    private function proposal(JudgedMix $judged, PatchLadder $ladder, ?Planting $planting): ?string
    {
        if ($planting === null) {
            return null;
        }
        if ($ladder->steps === []) {
            return $this->catalogue->sentence(Message::of('patch.never'));
        }
        $isNew = false;
        foreach ($judged->mix->strengths as $strength) {
            $id = $strength->substance->id;
            $circumstances = $judged->situation->circumstances;
            $isNew = $isNew || (! isset($circumstances->history->daysSince[$id]) && $circumstances->evidence->of($id) === []);
        }
        $params = ['plant' => $planting->name];

        return match (true) {
            $isNew => $this->catalogue->sentence(Message::of('patch.first-use', $params)),
            $judged->worst()->rank() >= Severity::Caution->rank() => $this->catalogue->sentence(Message::of('patch.strong', $params)),
            default => null,
        };
    }

    /** @return list<string> */
    private function known(Situation $situation, TypedCircumstances $now): array
    {
        $circumstances = $situation->circumstances;
        $known = [];
        if ($circumstances->water !== null && $situation->mix->recipe->liquid->group === 'water') {
            $known[] = $this->catalogue->say(
                Message::of('known.water', ['kind' => $now->water ?? 'tap', 'hardness' => round($circumstances->water->hardness->likely)]),
            );
        }
        foreach ($circumstances->states as $state) {
            $known[] = $this->catalogue->say(Message::of("known.$state"));
        }
        if ($circumstances->stage !== null && $situation->plant !== null) {
            $known[] = $this->catalogue->say(Message::of('known.stage', ['stage' => $circumstances->stage->value]));
        }
        $last = $circumstances->history->daysSince === [] ? null : min($circumstances->history->daysSince);
        if ($last !== null) {
            $known[] = $this->catalogue->say(Message::of('known.last', ['days' => (int) floor($last)]));
        }
        $looks = count($circumstances->evidence->observations);

        return $looks === 0 ? $known : [...$known, $this->catalogue->say(Message::of('known.looks', ['n' => $looks]))];
    }
}
