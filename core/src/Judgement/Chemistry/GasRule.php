<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Chemistry;

use Nebbia\Core\Chemistry\Aftermath;
use Nebbia\Core\Chemistry\GasPressure;
use Nebbia\Core\Chemistry\Reactor;
use Nebbia\Core\Chemistry\Reagents;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\ClosedVessel;
use Nebbia\Core\Judgement\Compatibility\Pairs;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;

/** Gas in a closed sprayer: a mix that fizzes must not be shut in. */
final readonly class GasRule implements Rule
{
    /** Below this, atm above the air, a bottle holds what a shaken drink does not. Rough practice. */
    private const NOTHING = 0.05;

    public function __construct(private Pairs $pairs, private Reagents $reagents) {}

    public function grounds(): array
    {
        return [
            RuleGround::plain('reactions', GroundTopic::Bottle, 'physical constant', 'high'),
            RuleGround::plain('gas', GroundTopic::Bottle, 'physical constant', 'high'),
        ];
    }

    public function sentences(): array
    {
        return ['gas.closed', 'gas.oxygen'];
    }

    public function judge(Situation $situation): iterable
    {
        $aftermath = $situation->aftermath;
        $vessel = $situation->circumstances->vessel;
        $litres = $situation->mix->finalVolume->likely / 1000.0;
        if ($aftermath === null || $vessel === null || $litres <= 0.0) {
            return;
        }
        yield from $this->oxygen($situation, $aftermath, $vessel, $litres);
        if ($aftermath->carbonDioxide <= 0.0) {
            return;
        }
        $gas = GasPressure::ofCarbonDioxide($aftermath->carbonDioxide * $litres, 1000.0 * $litres, $vessel->headspaceMl, $this->reagents);
        if ($gas->gauge > self::NOTHING) {
            yield Finding::of('gas', Severity::Stop, 'gas.closed', [
                'litres' => $gas->litres,
                'grams' => $aftermath->carbonDioxide * $litres * Reactor::CARBON_DIOXIDE,
                'bar' => $gas->gauge * 1.01325,
                'headspace' => $vessel->headspaceMl,
            ], 'physical constant', 'high')->from('gas');
        }
    }

    /**
     * What breaks peroxide down at once, plant juice and metal, makes a stop of a closed vessel; alkali does it over hours.
     *
     * @return iterable<Finding>
     */
    private function oxygen(Situation $situation, Aftermath $aftermath, ClosedVessel $vessel, float $litres): iterable
    {
        if ($aftermath->oxygen <= 0.0) {
            return;
        }
        foreach ($this->pairs->in($situation->mix) as [$pair, $peroxide, $other]) {
            if ($peroxide->substance->id !== 'hydrogen-peroxide' || ! $pair->undoes) {
                continue;
            }
            $gas = GasPressure::ofOxygen($aftermath->oxygen * $litres, $vessel->headspaceMl, $this->reagents);
            if ($gas->gauge > self::NOTHING) {
                yield Finding::of('gas', $pair->id === 'peroxide-alkali' ? Severity::Caution : Severity::Stop, 'gas.oxygen', [
                    'litres' => $gas->litres,
                    'bar' => $gas->gauge * 1.01325,
                    'headspace' => $vessel->headspaceMl,
                    'what' => $other->substance->name,
                ], 'physical constant', 'high', ['hydrogen-peroxide'])->from('gas');

                return;
            }
        }
    }
}
