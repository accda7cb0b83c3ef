<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Words;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Target\Targets;

/** Says so where a recipe names a pest, disease or weed that is not known here. */
final readonly class UnknownTargetRule implements Rule
{
    public function __construct(private Targets $targets) {}

    public function grounds(): array
    {
        return [RuleGround::plain('target', GroundTopic::Measures, 'practice', 'medium')];
    }

    public function sentences(): array
    {
        return ['target.unknown'];
    }

    public function judge(Situation $situation): iterable
    {
        foreach ($situation->mix->recipe->targets as $target) {
            if ($this->targets->idOf($target) === null) {
                yield Finding::of('target', Severity::Notice, 'target.unknown', ['target' => $target])->from('target');
            }
        }
    }
}
