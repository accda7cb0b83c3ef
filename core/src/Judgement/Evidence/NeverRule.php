<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Evidence;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;

/** What the household never wants on this plant again, at whatever strength. */
final readonly class NeverRule implements Rule
{
    public function grounds(): array
    {
        return [RuleGround::plain('never', GroundTopic::Leaves, 'own trial', 'high')];
    }

    public function sentences(): array
    {
        return ['never.again'];
    }

    public function judge(Situation $situation): iterable
    {
        if (in_array($situation->mix->recipe->use, [UseOfSpray::Weed, UseOfSpray::Disinfect], true)) {
            return;
        }
        foreach ($situation->circumstances->nevers as $never) {
            if ($never->isIn($situation->mix)) {
                yield Finding::of('evidence', Severity::Stop, 'never.again', [
                    'ingredient' => $never->name(),
                    'when' => $never->when,
                    'why' => $never->why ?? '',
                    'said' => $never->why === null ? 'no' : 'yes',
                ], 'own trial', 'high', array_filter([$never->ingredient->substance?->id]))->from('never');
            }
        }
    }
}
