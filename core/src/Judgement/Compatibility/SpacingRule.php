<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Compatibility;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Substance\Substances;

/** What must not follow on the same plant too soon, a row of core/data/spacing.yaml each; and too many sprays in a row. */
final readonly class SpacingRule implements Rule
{
    /** @var list<Row> */
    private array $pairs;

    /** @var list<Row> */
    private array $rows;

    public function __construct(Table $spacing, private Substances $substances)
    {
        $this->pairs = array_values($spacing->rows('pairs'));
        $this->rows = array_values($spacing->rows('in_a_row'));
    }

    public function grounds(): array
    {
        $grounds = array_map(function (Row $row): RuleGround {
            $id = $row->string('id');
            $params = [
                'a' => $this->substances->names($row->strings('a')),
                'b' => $row->strings('b') === ['*'] ? Message::of('ground.anything') : $this->substances->names($row->strings('b')),
                'likely' => $row->has('over') ? $row->float('over') : 1.0,
            ];
            foreach (['days', 'low', 'high'] as $figure) {
                $params[$figure] = $row->has($figure) ? $row->float($figure) : 0.0;
            }

            return RuleGround::of(
                "spacing.$id",
                GroundTopic::Pairs,
                Message::of('ground.spacing.title', $params),
                Message::of('ground.both', [
                    'because' => Message::of("spacing.$id.because", $params + ['plant' => Message::of('ground.a-plant'), 'since' => 0]),
                    'instead' => Message::of("spacing.$id.instead", $params),
                ]),
                $row->string('basis'),
                $row->string('sure'),
                array_values(array_diff([...$row->strings('a'), ...$row->strings('b')], ['*'])),
            );
        }, $this->pairs);
        $row = $this->rows[0];

        return [
            ...$grounds,
            RuleGround::plain('spacing.in-a-row', GroundTopic::Conditions, $row->string('basis'), $row->string('sure'), [
                'times' => $row->float('times'),
            ]),
        ];
    }

    public function sentences(): array
    {
        return [...array_map(static fn (Row $row): string => 'spacing.'.$row->string('id'), $this->pairs), 'spacing.in-a-row'];
    }

    public function judge(Situation $situation): iterable
    {
        $history = $situation->circumstances->history;
        if ($situation->mix->recipe->use->wetsLeaves()) {
            yield from $this->tooSoon($situation, $history->daysSince);
            yield from $this->inARow($situation, $history->inARow);
        }
    }

    /**
     * @param  array<string, float>  $daysSince
     * @return iterable<Finding>
     */
    private function tooSoon(Situation $situation, array $daysSince): iterable
    {
        if ($daysSince === []) {
            return;
        }
        foreach ($this->pairs as $row) {
            foreach ([[$row->strings('a'), $row->strings('b')], [$row->strings('b'), $row->strings('a')]] as [$now, $before]) {
                $mine = $this->present($situation, $now);
                $last = array_intersect_key($daysSince, array_flip($before));
                if ($mine === null || $last === [] || min($last) >= $row->float('days')) {
                    continue;
                }
                yield Finding::of(
                    'spacing',
                    $row->oneOf('severity', Severity::class),
                    'spacing.'.$row->string('id'),
                    [
                        'a' => $this->substances->of($mine)->name,
                        'b' => $this->substances->of((string) array_search(min($last), $last, true))->name,
                        'days' => $row->float('days'),
                        'low' => $row->float('low'),
                        'high' => $row->float('high'),
                        'since' => (int) floor(min($last)),
                        'plant' => $situation->plantName(),
                    ],
                    $row->string('basis'),
                    $row->string('sure'),
                    [$mine],
                );
            }
        }
    }

    /** @return iterable<Finding> */
    private function inARow(Situation $situation, int $times): iterable
    {
        foreach ($this->rows as $row) {
            $mine = $this->present($situation, $row->strings('substances'));
            if ($mine !== null && $times >= $row->float('times')) {
                yield Finding::of(
                    'spacing',
                    $row->oneOf('severity', Severity::class),
                    'spacing.in-a-row',
                    [
                        'times' => $times,
                        'rest' => $row->float('rest_days'),
                        'plant' => $situation->plantName(),
                        'season' => $situation->circumstances->history->thisSeason,
                    ],
                    $row->string('basis'),
                    $row->string('sure'),
                    [$mine],
                );
            }
        }
    }

    /** @param  list<string>  $substances */
    private function present(Situation $situation, array $substances): ?string
    {
        foreach ($substances as $substance) {
            if (($situation->mix->strengthOf($substance)->percentWv->likely ?? 0.0) > 0.0) {
                return $substance;
            }
        }

        return null;
    }
}
