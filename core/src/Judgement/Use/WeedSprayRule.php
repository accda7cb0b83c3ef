<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Use;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;

/** Sprays meant to kill, or to touch only the pest, are not held against a plant; what that means is said. */
final class WeedSprayRule implements Rule
{
    public function grounds(): array
    {
        return [RuleGround::plain('use', GroundTopic::Leaves, 'established guidance', 'high')];
    }

    public function sentences(): array
    {
        return ['use.weed', 'use.wipe'];
    }

    public function judge(Situation $situation): iterable
    {
        $use = $situation->mix->recipe->use;
        if ($use === UseOfSpray::Weed) {
            yield Finding::of(
                'use',
                Severity::Caution,
                'use.weed',
                [
                    'plant' => $situation->plant->name ?? Message::of('plant.wanted'),
                ],
                'established guidance',
                'high',
            )->from('use');
        }
        if ($use === UseOfSpray::Wipe) {
            yield Finding::of(
                'use',
                Severity::Notice,
                'use.wipe',
                ['plant' => $situation->plantName()],
                'established guidance',
                'medium',
            )->from('use');
        }
    }
}
