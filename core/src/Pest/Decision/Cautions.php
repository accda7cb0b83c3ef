<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Target\TargetKind;

/** What is to be heeded whichever rule decided. */
final readonly class Cautions
{
    /** The longest wait there is before eating, days: a later harvest needs no reminder. */
    private const SOON = 14;

    /** @return list<Finding> the gravest first */
    public function of(Choice $choice, Trouble $trouble, Means $means): array
    {
        $target = $trouble->target;
        $params = ['target' => $target->name, 'plant' => $trouble->plant->name];
        $findings = [];
        if ($choice === Choice::SprayToo && $trouble->inFlower && ! $trouble->indoors) {
            $findings[] = Finding::of('bees', Severity::Caution, 'decision.bees', $params, 'established guidance', 'high');
        }
        $best = $means->best();
        if ($choice === Choice::SprayToo && $best !== null && $best->plantIsSensitive) {
            $findings[] = Finding::of(
                'sensitive-to-remedy',
                Severity::Caution,
                'decision.sensitive',
                $params + ['remedy' => $best->remedy->name()],
                $trouble->plant->basis,
                $trouble->plant->sure,
            );
        }
        if ($trouble->daysToHarvest !== null && $trouble->daysToHarvest <= self::SOON && $choice === Choice::SprayToo) {
            $findings[] = Finding::of(
                'harvest',
                Severity::Notice,
                'decision.harvest',
                $params + ['harvest' => $trouble->daysToHarvest],
                'practice',
                'low',
            );
        }
        if ($choice === Choice::SprayToo && $target->kind === TargetKind::Pest) {
            $findings[] = Finding::of(
                'spared',
                Severity::Notice,
                'decision.spared',
                $params + ['spared' => Message::of("target.$target->id.spared")],
                'established guidance',
                'medium',
            );
        }
        if ($trouble->enemies === EnemiesSeen::Some && $target->enemies !== [] && $choice !== Choice::Leave) {
            $findings[] = Finding::of('some-enemies', Severity::Notice, 'decision.some-enemies', $params, 'established guidance', 'medium');
        }
        if ($trouble->target->watchUntil?->sure === 'low' && $trouble->sample !== null) {
            $findings[] = Finding::of('rough-level', Severity::Notice, 'decision.rough-level', $params, 'practice', 'low');
        }

        return $findings;
    }
}
