<?php

declare(strict_types=1);

namespace App\Notebook\Writes;

use App\Bench\Queries\JudgeMix;
use App\Bench\SprayHistory;
use App\Models\Garden;
use App\Models\Look;
use App\Models\LookKind;
use App\Models\Planting;
use Carbon\CarbonImmutable;
use Nebbia\Core\Judgement\Evidence\PatchLadders;
use Nebbia\Core\Plant\Thresholds;

/** Writes down a test patch, or what a spray did to a planting. */
final readonly class KeepLook
{
    /** Hours after which leaves show what was done to them. */
    private const USUAL_WAIT = 48.0;

    public function __construct(
        private JudgeMix $judge,
        private Thresholds $thresholds,
        private PatchLadders $patchLadders,
        private SprayHistory $past,
    ) {}

    public function __invoke(
        Garden $garden,
        Planting $planting,
        LookKind $kind,
        ?string $recipeId,
        ?string $applicationId,
        float $fraction,
        ?int $leaves,
        CarbonImmutable $putOnAt,
        ?float $score,
        ?string $note,
    ): Look {
        $strengths = [];
        $wait = null;
        if ($applicationId !== null) {
            $application = $garden->applications()->findOrFail($applicationId);
            $name = is_string($application->snapshot['recipe_name'] ?? null) ? $application->snapshot['recipe_name'] : null;
            $strengths = $application->doses;
            $putOnAt = $application->applied_at;
        } else {
            $recipe = $garden->recipes()->findOrFail($recipeId);
            $name = $recipe->name;
            $judged = $this->judge->judgedMix($garden, $recipe->body, null, $planting, null);
            foreach ($judged->mix->strengths as $strength) {
                $unit = $this->thresholds->of($strength->substance->id)->unit ?? '% w/v';
                $strengths[$strength->substance->id] = ($strength->in($unit) ?? $strength->percentWv)->likely * $fraction;
            }
            $wait = $this->patchLadders->of($judged)->steps[0]->waitHours ?? null;
        }
        $this->past->forget($garden);

        return $garden->looks()->create([
            'planting_id' => $planting->id,
            'application_id' => $applicationId,
            'recipe_id' => $applicationId === null ? $recipeId : null,
            'kind' => $kind,
            'recipe_name' => $name,
            'fraction' => $applicationId === null ? $fraction : 1.0,
            'strengths' => array_filter($strengths, static fn (float $one): bool => $one > 0.0),
            'leaves' => $leaves,
            'put_on_at' => $putOnAt,
            'look_at' => $score !== null || $wait === null ? null : $putOnAt->addMinutes((int) (60.0 * $wait)),
            'seen_at' => $score === null ? null : $garden->now()->min($putOnAt->addMinutes((int) (60.0 * ($wait ?? self::USUAL_WAIT)))),
            'score' => $score,
            'note' => $note,
        ]);
    }
}
