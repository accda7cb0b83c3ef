<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;

/** A plant of which nothing is known, or only the kind of kinds: it is judged as a sensitive one, and that is said. */
final class UnknownPlantRule implements Rule
{
    private const KEY = 'plant.unknown';

    public function grounds(): array
    {
        return [RuleGround::plain('plant-unknown', GroundTopic::Leaves, 'practice', 'low')];
    }

    public function sentences(): array
    {
        return [self::KEY];
    }

    public function judge(Situation $situation): iterable
    {
        $plant = $situation->plant;
        $use = $situation->mix->recipe->use;
        if ($plant === null || ! $plant->isGeneric || $use === UseOfSpray::Weed || $use === UseOfSpray::Disinfect) {
            return;
        }
        yield Finding::of('plant', Severity::Notice, self::KEY, ['plant' => $plant->name], 'practice', 'low')->from('plant-unknown');
    }
}
