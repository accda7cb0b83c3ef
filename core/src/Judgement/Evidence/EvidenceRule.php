<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Evidence;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Plant\Thresholds;

/** What has hurt this planting before, at this strength or less. */
final readonly class EvidenceRule implements Rule
{
    private float $passed;

    private float $stops;

    private Row $prior;

    public function __construct(Table $patch, private Thresholds $thresholds)
    {
        $this->prior = $patch->part('prior');
        $score = $patch->part('score');
        $this->passed = $score->float('passed');
        $this->stops = $score->float('stops');
    }

    public function grounds(): array
    {
        return [
            RuleGround::plain('evidence', GroundTopic::Leaves, $this->prior->string('basis'), $this->prior->string('sure'), [
                'spread' => $this->prior->float('spread'),
                'width' => $this->prior->float('width'),
                'patch' => $this->prior->float('luck_patch'),
                'whole' => $this->prior->float('luck_whole'),
            ]),
            RuleGround::plain('patch', GroundTopic::Leaves, 'established guidance', 'high'),
        ];
    }

    public function sentences(): array
    {
        return ['evidence.burnt'];
    }

    public function judge(Situation $situation): iterable
    {
        if (! $situation->mix->recipe->use->wetsLeaves()) {
            return;
        }
        foreach ($situation->mix->strengths as $strength) {
            $id = $strength->substance->id;
            $unit = $this->thresholds->of($id)->unit ?? '% w/v';
            $now = $strength->in($unit)->likely ?? 0.0;
            $worst = null;
            foreach ($situation->circumstances->evidence->of($id) as $seen) {
                if (
                    $seen->score > $this->passed &&
                    $now >= $seen->strengths[$id] * (1 - 1e-9) &&
                    ($worst === null || $seen->score > $worst->score)
                ) {
                    $worst = $seen;
                }
            }
            if ($worst !== null) {
                yield Finding::of(
                    'evidence',
                    $worst->score >= $this->stops ? Severity::Stop : Severity::Caution,
                    'evidence.burnt',
                    [
                        'substance' => $strength->substance->name,
                        'strength' => $worst->strengths[$id],
                        'now' => $now,
                        'unit' => $unit,
                        'percent' => 10.0 * $worst->score,
                        'when' => $worst->when,
                        'plant' => $situation->plantName(),
                        'together' => count($worst->strengths),
                    ],
                    'own trial',
                    'medium',
                    [$id],
                )->from('evidence');
            }
        }
    }
}
