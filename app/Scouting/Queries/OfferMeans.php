<?php

declare(strict_types=1);

namespace App\Scouting\Queries;

use App\Bench\Queries\RankRecipes;
use App\Models\Garden;
use App\Models\Trouble;
use App\Scouting\Resources\RemedyResource;
use App\Scouting\Resources\TacticResource;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;
use Nebbia\Core\Pest\Decision\Decision;
use Nebbia\Core\Pest\Decision\RankedRemedy;
use Nebbia\Core\Pest\Decision\RankedTactic;

/** What may be done about a trouble: tactics and remedies, with the recipes and starters that go with each. */
final readonly class OfferMeans
{
    public function __construct(private ListStarters $starters, private RankRecipes $recipes, private Catalogue $catalogue) {}

    public function tactic(RankedTactic $ranked): TacticResource
    {
        $tactic = $ranked->tactic;
        $say = fn (string $what): string => $this->catalogue->say(Message::of("tactic.$tactic->id.$what"));

        return new TacticResource(
            $tactic->id,
            $this->catalogue->sentence($tactic->name()),
            $say('do'),
            $say('watch'),
            $ranked->evidence->value,
            $this->catalogue->say(Message::of('evidence.'.$ranked->evidence->value)),
            $tactic->everyDays,
            (int) $tactic->minutes->likely,
            $tactic->urgent,
            $ranked->tried,
        );
    }

    /** @return list<RemedyResource> */
    public function remedies(Garden $garden, Decision $decision, Trouble $trouble): array
    {
        $mixes = $this->recipes->mixes($garden);

        return array_map(function (RankedRemedy $ranked) use ($garden, $mixes, $trouble): RemedyResource {
            $remedy = $ranked->remedy;
            $say = fn (string $what): string => $this->catalogue->say(Message::of("remedy.$remedy->id.$what"));
            $n = KitchenFraction::figures(...);
            $schools = $remedy->schools;
            $kept = $this->recipes->of($remedy, (string) $trouble->target, $mixes);

            return new RemedyResource(
                $remedy->id,
                $this->catalogue->sentence($remedy->name()),
                $this->catalogue->say(Message::of('mode.'.$remedy->mode->value)),
                $say('how'),
                $say('limits'),
                $ranked->pairing->evidence->value,
                $this->catalogue->say(Message::of('evidence.'.$ranked->pairing->evidence->value)),
                $ranked->pairing->asPrevention,
                array_map(fn (string $stage): string => $this->catalogue->say(Message::of("stage.$stage")), $ranked->pairing->stages),
                $schools === null
                    ? null
                    : "mild {$n($schools['mild'])}, middle {$n($schools['middle'])}, strong {$n($schools['strong'])} {$schools['unit']}",
                $remedy->waitDays === null ? null : (int) $remedy->waitDays,
                $ranked->isOpen(),
                $ranked->plantIsSensitive,
                $ranked->noted,
                $ranked->tooNearHarvest,
                $ranked->tooLate,
                $kept,
                // Whoever has one of this family is not offered another.
                $kept === [] && $ranked->isOpen() ? $this->starters->of($remedy, $garden, $trouble->planting) : [],
            );
        }, $decision->means->remedies);
    }
}
