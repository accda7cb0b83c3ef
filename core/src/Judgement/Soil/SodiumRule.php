<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Soil;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;

/** What the sodium of all rounds of a recipe comes to in the soil, counted for a loam. */
final readonly class SodiumRule implements Rule
{
    public function __construct(private Table $soil, private SodiumLoad $load) {}

    public function grounds(): array
    {
        $points = $this->soil->part('points');

        return [RuleGround::plain('soil.sodium', GroundTopic::Soil, $points->string('basis'), $points->string('sure'), [
            'notice' => $points->float('notice'), 'caution' => $points->float('caution'), 'stop' => $points->float('stop'),
        ])];
    }

    public function sentences(): array
    {
        return ['soil.sodium'];
    }

    public function judge(Situation $situation): iterable
    {
        $each = $this->load->grams($situation->mix);
        // A pot is counted by what it holds.
        if ($each <= 0.0 || $situation->circumstances->pot !== null) {
            return;
        }
        $times = $situation->mix->recipe->repeat->times ?? 1;
        $rise = $this->load->rise($each * $times);
        $points = $this->soil->part('points');
        $severity = match (true) {
            $rise >= $points->float('stop') => Severity::Stop,
            $rise >= $points->float('caution') => Severity::Caution,
            $rise >= $points->float('notice') => Severity::Notice,
            // Of salt on the ground it is always said where it stays.
            ! $situation->mix->recipe->use->wetsLeaves() && $situation->mix->strengthOf('sodium-chloride') !== null => Severity::Fine,
            default => null,
        };
        if ($severity !== null) {
            yield Finding::of('soil', $severity, 'soil.sodium', [
                'rise' => $rise,
                'grams' => $each * $times,
                'times' => $times,
            ], $points->string('basis'), $points->string('sure'))->from('soil.sodium');
        }
    }
}
