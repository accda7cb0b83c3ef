<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Use;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Shelf\OnShelf;
use Nebbia\Core\Shelf\State;

/** Whether the preparations that a mix is taken from are ready, still good, tested where they must be, and enough. */
final class PreparationRule implements Rule
{
    /** pH above which nothing is sprayed on leaves. */
    private const NO_LEAF = 11.0;

    public function judge(Situation $situation): iterable
    {
        $needed = [];
        foreach ($situation->mix->recipe->preparations() as $n => $jar) {
            $needed[$jar->id] = [$jar, ($needed[$jar->id][1] ?? 0.0) + ($n < 0 ? $situation->mix->baseMl : $situation->mix->lines[$n]->volumeMl ?? 0.0)];
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
     * Thinned to a share s, the pH falls by no more than -log10 s, and less where carbonate holds it up: what a measured ash water is at least.
     *
     * @return iterable<Finding>
     */
    private function caustic(Situation $situation, OnShelf $jar, float $ml): iterable
    {
        $all = $situation->mix->finalVolume->likely;
        if (! $jar->kind->measurePh || $jar->ph === null || $ml <= 0.0 || $all <= 0.0 || $situation->mix->recipe->use !== UseOfSpray::Foliar) {
            return [];
        }
        $least = $jar->ph + log10(min(1.0, $ml / $all));

        return $least <= self::NO_LEAF ? [] : [$this->finding($jar, Severity::Stop, 'caustic', ['ph' => $jar->ph, 'least' => $least], 'physical constant')->from('preparation.caustic')];
    }

    /** @param  array<string, string|int|float>  $params */
    private function finding(OnShelf $jar, Severity $severity, string $key, array $params, string $basis): Finding
    {
        return Finding::of('preparation', $severity, "preparation.$key", ['name' => $jar->name] + $params, $basis, $basis === 'practice' ? 'low' : 'high')
            ->from(match (true) {
                $basis === 'definition' => 'preparation',
                $jar->kind->isSoap() => 'soap',
                default => "making.{$jar->kind->id}",
            });
    }
}
