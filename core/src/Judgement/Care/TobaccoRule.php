<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Care;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;

/** Tobacco: how much nicotine that is, and why never. */
final readonly class TobaccoRule implements Rule
{
    public function __construct(private Table $tobacco) {}

    public function grounds(): array
    {
        return [RuleGround::plain('danger.tobacco', GroundTopic::People, 'established guidance', 'high')];
    }

    public function sentences(): array
    {
        return ['danger.tobacco'];
    }

    public function judge(Situation $situation): iterable
    {
        $leaf = $situation->mix->strengthOf('nicotine')?->percentWv;
        if ($leaf === null || $leaf->likely <= 0.0) {
            return;
        }
        $figures = $this->tobacco->whole();
        $nicotine = $leaf->times(10_000.0)->times($figures->row('nicotine')->interval())->times($figures->row('extracted')->interval());
        yield Finding::of('danger', Severity::Stop, 'danger.tobacco', [
            'likely' => $nicotine->likely,
            'low' => $nicotine->low,
            'high' => $nicotine->high,
        ], 'established guidance', 'high', ['nicotine'])->from('danger.tobacco');
    }
}
