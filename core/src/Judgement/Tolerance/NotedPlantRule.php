<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Plant\Thresholds;

/** Plants of which only some kinds, or only young leaves or petals, are known to be hurt: a notice and no more. */
final readonly class NotedPlantRule implements Rule
{
    public function __construct(private Thresholds $leaves) {}

    public function grounds(): array
    {
        return [RuleGround::plain('sensitive-plant', GroundTopic::Leaves, 'established guidance', 'medium')];
    }

    public function sentences(): array
    {
        return ['sensitive-plant'];
    }

    public function judge(Situation $situation): iterable
    {
        $plant = $situation->plant;
        if ($plant === null || ! $situation->mix->recipe->use->wetsLeaves()) {
            return;
        }
        foreach ($situation->mix->strengths as $strength) {
            $list = $this->leaves->of($strength->substance->id)?->listedAs;
            if ($list !== null && isset($plant->notedFor[$list]) && $strength->percentWv->likely > 0.0) {
                yield Finding::of('sensitive-plant', Severity::Notice, 'sensitive-plant', [
                    'plant' => $plant->name,
                    'which' => $plant->notedFor[$list],
                    'substance' => $strength->substance->name,
                ], $plant->basis, $plant->sure, [$strength->substance->id]);
            }
        }
    }
}
