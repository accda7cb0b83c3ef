<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Compatibility;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Substance\Substances;

/** What must not meet in one vessel. */
final readonly class PairRule implements Rule
{
    public function __construct(private Pairs $pairs, private Substances $substances) {}

    public function grounds(): array
    {
        return array_map(function (Pair $pair): RuleGround {
            $params = [
                'a' => $this->substances->names($pair->a),
                'b' => $pair->b === ['*'] ? Message::of('ground.anything') : $this->substances->names($pair->b),
                'likely' => $pair->over ?? 1.0,
                'days' => 0.0,
                'low' => 0.0,
                'high' => 0.0,
            ];

            return RuleGround::of(
                "pair.$pair->id",
                GroundTopic::Pairs,
                Message::of('ground.pair.title', $params),
                Message::of('ground.both', [
                    'because' => Message::of("pair.$pair->id.because", $params + ['plant' => Message::of('ground.a-plant'), 'since' => 0]),
                    'instead' => Message::of("pair.$pair->id.instead", $params),
                ]),
                $pair->basis,
                $pair->sure,
                array_values(array_diff([...$pair->a, ...$pair->b], ['*'])),
            );
        }, $this->pairs->all);
    }

    public function sentences(): array
    {
        return array_map(static fn (Pair $pair): string => "pair.$pair->id", $this->pairs->all);
    }

    public function judge(Situation $situation): iterable
    {
        foreach ($this->pairs->in($situation->mix) as [$pair, $a, $b]) {
            yield Finding::of(
                'compatibility',
                $pair->severity,
                "pair.$pair->id",
                [
                    'a' => $a->substance->name,
                    'b' => $b->substance->name,
                    'likely' => $a->percentWv->likely,
                ],
                $pair->basis,
                $pair->sure,
                [$a->substance->id, $b->substance->id],
            );
        }
    }
}
