<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Care;

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

/** What is eaten: how long to wait and how to wash, and what must not come on it. The longest wait counts. */
final readonly class FoodRule implements Rule
{
    /** A wait no longer than this is only mentioned, days. */
    private const SHORT = 1.0;

    /** @var list<Row> */
    private array $waits;

    /** @var list<Row> */
    private array $never;

    public function __construct(Table $food, private Substances $substances)
    {
        $this->waits = array_values($food->rows('waits'));
        $this->never = array_values($food->rows('never'));
    }

    public function grounds(): array
    {
        $ground = fn (Row $row, Message $text): RuleGround => RuleGround::of(
            'food.'.$row->string('id'),
            GroundTopic::People,
            Message::of('ground.food.title', ['name' => $this->substances->names($row->strings('substances'))]),
            $text,
            $row->string('basis'),
            $row->string('sure'),
        );

        return [
            ...array_map(
                static fn (Row $row): RuleGround => $ground($row, Message::of('ground.food.wait', ['days' => $row->float('days')])),
                $this->waits,
            ),
            ...array_map(
                static fn (Row $row): RuleGround => $ground($row, Message::of('food.'.$row->string('id').'.because')),
                $this->never,
            ),
        ];
    }

    public function sentences(): array
    {
        return ['food.wait', ...array_map(static fn (Row $row): string => 'food.'.$row->string('id'), $this->never)];
    }

    public function judge(Situation $situation): iterable
    {
        $plant = $situation->plant;
        $use = $situation->mix->recipe->use;
        if ($plant?->eaten === null || ! ($use->wetsLeaves() || $use->wetsRoots())) {
            return;
        }
        foreach ($this->never as $row) {
            $found = $this->found($situation, $row);
            if ($found !== null) {
                yield Finding::of(
                    'food',
                    $row->oneOf('severity', Severity::class),
                    'food.'.$row->string('id'),
                    ['name' => $found[0], 'plant' => $plant->name],
                    $row->string('basis'),
                    $row->string('sure'),
                    [$found[1]],
                );
            }
        }
        if ($use->wetsRoots()) {
            return;
        }
        $longest = null;
        foreach ($this->waits as $row) {
            $found = $this->found($situation, $row);
            if ($found !== null && ($longest === null || $row->float('days') > $longest[0]->float('days'))) {
                $longest = [$row, $found];
            }
        }
        if ($longest !== null) {
            [$row, $found] = $longest;
            $days = $row->float('days');
            yield Finding::of(
                'food',
                $days > self::SHORT ? Severity::Notice : Severity::Fine,
                'food.wait',
                [
                    'days' => $days,
                    'name' => $found[0],
                    'plant' => $plant->name,
                    'eaten' => $plant->eaten,
                ],
                $row->string('basis'),
                $row->string('sure'),
                [$found[1]],
            )->from('food.'.$row->string('id'));
        }
    }

    /** @return array{string, string}|null name and id of the first of a row's substances that is there */
    private function found(Situation $situation, Row $row): ?array
    {
        foreach ($row->strings('substances') as $id) {
            $strength = $situation->mix->strengthOf($id);
            if ($strength !== null && $strength->percentWv->likely > 0.0) {
                return [$strength->substance->name, $id];
            }
        }

        return null;
    }
}
