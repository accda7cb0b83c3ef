<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Plant\Modifier;
use Nebbia\Core\Plant\Modifiers;

/** The state of a plant: what keeps it from being sprayed at all, and what makes it bear less than the figures say. */
final readonly class ConditionRule implements Rule
{
    /** Told with the hour, not with the plant. */
    private const OF_THE_HOUR = ['warm', 'hot', 'sun-soon', 'slow-drying'];

    public function __construct(private Modifiers $modifiers, private Limits $limits) {}

    public function grounds(): array
    {
        return [
            ...array_map(
                static fn (Modifier $modifier): RuleGround => RuleGround::of(
                    "modifier.$modifier->id",
                    GroundTopic::Conditions,
                    Message::of("ground.modifier.$modifier->id"),
                    Message::of("modifier.$modifier->id"),
                    $modifier->basis,
                    $modifier->sure,
                ),
                $this->modifiers->all,
            ),
            RuleGround::plain('modifiers', GroundTopic::Conditions, $this->modifiers->basis, $this->modifiers->sure, [
                'floor' => $this->modifiers->floor,
            ]),
            RuleGround::plain('condition.sick', GroundTopic::Conditions, 'practice', 'low'),
        ];
    }

    public function sentences(): array
    {
        return [
            'condition.sick',
            ...array_map(
                static fn (string $id): string => "condition.$id",
                array_values(array_diff(array_column($this->modifiers->all, 'id'), self::OF_THE_HOUR)),
            ),
        ];
    }

    public function judge(Situation $situation): iterable
    {
        $use = $situation->mix->recipe->use;
        $now = $situation->circumstances;
        if ($use->wetsLeaves() || $use->wetsRoots()) {
            foreach ($this->modifiers->all as $modifier) {
                if ($modifier->stops && array_filter($modifier->states, $now->is(...)) !== []) {
                    yield $this->finding($situation, $modifier, Severity::Stop);
                }
            }
        }
        $held = [];
        foreach ($situation->mix->strengths as $strength) {
            foreach ($this->limits->of($situation, $strength->substance->id)->modifiers ?? [] as $modifier) {
                $held[$modifier->id] = $modifier;
            }
        }
        foreach ($held as $modifier) {
            if (($use->wetsLeaves() || ($use->wetsRoots() && $modifier->roots)) && ! in_array($modifier->id, self::OF_THE_HOUR, true)) {
                yield $this->finding(
                    $situation,
                    $modifier,
                    $modifier->id === 'flowering' ? Severity::Caution : ($modifier->capped ? Severity::Fine : Severity::Notice),
                );
            }
        }
        if ($use->wetsLeaves() && $now->is('sick')) {
            yield Finding::of('condition', Severity::Notice, 'condition.sick', ['plant' => $situation->plantName()], 'practice', 'low');
        }
    }

    private function finding(Situation $situation, Modifier $modifier, Severity $severity): Finding
    {
        return Finding::of(
            'condition',
            $severity,
            "condition.$modifier->id",
            [
                'plant' => $situation->plantName(),
                'percent' => 100.0 * ($modifier->factor ?? 1.0),
                'harsher' => 100.0 * ($modifier->harsherFactor ?? ($modifier->factor ?? 1.0)),
            ],
            $modifier->basis,
            $modifier->sure,
        )->from("modifier.$modifier->id");
    }
}
