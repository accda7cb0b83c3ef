<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Use;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\Length;
use Nebbia\Core\Shelf\OnShelf;
use Nebbia\Core\Shelf\State;

/** Whether the preparations that a mix is taken from are ready, still good, tested where they must be, and enough. */
final readonly class PreparationRule implements Rule
{
    /** pH above which nothing is sprayed on leaves. */
    private float $noLeaf;

    public function __construct(private Kinds $kinds, private Table $soap, Table $chemistry)
    {
        $this->noLeaf = $chemistry->part('ph')->float('stop_above');
    }

    public function grounds(): array
    {
        $grounds = [];
        foreach ($this->kinds->all as $kind) {
            if ($kind->isSoap()) {
                continue;
            }
            $place = $kind->usualPlace();
            $life = $kind->life($place);
            $percent = $kind->method->recovered->times(100.0);
            $grounds[] = RuleGround::of(
                "making.$kind->id",
                GroundTopic::Makings,
                $kind->name(),
                Message::of('ground.making.text', [
                    'note' => Message::of("making.note.$kind->id"),
                    'stands' => $kind->hours->likely > 0.0 ? 'yes' : 'no',
                    'from' => Length::of($kind->hours->low),
                    'to' => Length::of($kind->hours->high),
                    'strained' => $kind->method->isStrained() ? 'yes' : 'no',
                    'least' => $percent->low,
                    'most' => $percent->high,
                    'place' => $place->value,
                    'keeps' => Length::of($life->likely ?? 0.0),
                    'short' => Length::of($life->low ?? 0.0),
                    'long' => Length::of($life->high ?? 0.0),
                ]),
                $kind->basis,
                $kind->sure,
            );
        }
        $figures = $this->soap->part('figures');

        return [
            ...$grounds,
            RuleGround::plain('soap', GroundTopic::Makings, 'established guidance', 'medium', [
                'low' => $figures->row('plan')->float('low'),
                'high' => $figures->row('plan')->float('high'),
                'ph' => $figures->row('ph')->float('likely'),
            ]),
            RuleGround::plain('preparation', GroundTopic::Makings, 'definition', 'high'),
            RuleGround::plain('preparation.caustic', GroundTopic::Makings, 'physical constant', 'high'),
        ];
    }

    public function sentences(): array
    {
        return array_map(static fn (string $key): string => "preparation.$key", [
            'steeping',
            'to-strain',
            'untested',
            'refused',
            'deadly',
            'gone-off',
            'use-soon',
            'empty',
            'not-enough',
            'caustic',
        ]);
    }

    public function judge(Situation $situation): iterable
    {
        $needed = [];
        foreach ($situation->mix->recipe->preparations() as $n => $jar) {
            $needed[$jar->id] = [
                $jar,
                ($needed[$jar->id][1] ?? 0.0) + ($n < 0 ? $situation->mix->baseMl : $situation->mix->lines[$n]->volumeMl ?? 0.0),
            ];
        }
        foreach ($needed as [$jar, $ml]) {
            yield from $this->state($jar);
            yield from $this->caustic($situation, $jar, $ml);
            if ($jar->leftMl !== null && $jar->leftMl > 0.0 && $ml > $jar->leftMl * (1 + 1e-9) && $jar->state !== State::Empty) {
                yield $this->finding($jar, Severity::Caution, 'not-enough', ['needed' => $ml, 'left' => $jar->leftMl], 'definition');
            }
        }
    }

    /** @return iterable<Finding> */
    private function state(OnShelf $jar): iterable
    {
        $ready = ['when' => $jar->readyAt?->format('j F, H:i') ?? ''];
        $until = ['when' => $jar->useBy?->format('j F') ?? ''];
        $finding = match ($jar->state) {
            State::Steeping => $this->finding($jar, Severity::Caution, 'steeping', $ready, 'practice'),
            State::ToStrain => $this->finding($jar, Severity::Notice, 'to-strain', [], 'practice'),
            State::Untested => $this->finding($jar, Severity::Caution, 'untested', [], 'established guidance'),
            State::Refused => $this->finding($jar, Severity::Stop, 'refused', [], 'established guidance'),
            State::GoneOff => $jar->kind->isDeadly
                ? $this->finding($jar, Severity::Stop, 'deadly', $until, 'established guidance')
                : $this->finding($jar, Severity::Caution, 'gone-off', $until, 'practice'),
            State::UseSoon => $this->finding($jar, Severity::Notice, 'use-soon', $until, 'practice'),
            State::Empty => $this->finding($jar, Severity::Caution, 'empty', [], 'definition'),
            State::Ready => null,
        };

        return $finding === null ? [] : [$finding];
    }

    /**
     * Thinned to a share s, the pH falls by no more than -log10 s, and less where carbonate holds it up: what a measured ash water is at
     * least.
     *
     * @return iterable<Finding>
     */
    private function caustic(Situation $situation, OnShelf $jar, float $ml): iterable
    {
        $all = $situation->mix->finalVolume->likely;
        if (
            ! $jar->kind->measurePh ||
            $jar->ph === null ||
            $ml <= 0.0 ||
            $all <= 0.0 ||
            $situation->mix->recipe->use !== UseOfSpray::Foliar
        ) {
            return [];
        }
        $least = $jar->ph + log10(min(1.0, $ml / $all));

        return $least <= $this->noLeaf
            ? []
            : [
                $this->finding($jar, Severity::Stop, 'caustic', ['ph' => $jar->ph, 'least' => $least], 'physical constant')->from(
                    'preparation.caustic',
                ),
            ];
    }

    /** @param  array<string, string|int|float>  $params */
    private function finding(OnShelf $jar, Severity $severity, string $key, array $params, string $basis): Finding
    {
        return Finding::of(
            'preparation',
            $severity,
            "preparation.$key",
            ['name' => $jar->name] + $params,
            $basis,
            $basis === 'practice' ? 'low' : 'high',
        )->from(
            match (true) {
                $basis === 'definition' => 'preparation',
                $jar->kind->isSoap() => 'soap',
                default => "making.{$jar->kind->id}",
            },
        );
    }
}
