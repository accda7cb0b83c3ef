<?php

declare(strict_types=1);

namespace Nebbia\Core\Chemistry;

use Nebbia\Core\Judgement\Finding;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\Severity;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Knowledge\Knowledge;

/** Gas in a closed sprayer: a mix that fizzes must not be shut in. */
final readonly class GasRule implements Rule
{
    /** Below this, atm above the air, a bottle holds what a shaken drink does not. Rough practice. */
    private const NOTHING = 0.05;

    private Reagents $reagents;

    public function __construct(Knowledge $knowledge)
    {
        $this->reagents = Reagents::from($knowledge);
    }

    public function judge(Situation $situation): iterable
    {
        $aftermath = $situation->mix->aftermath;
        $vessel = $situation->circumstances->vessel;
        $litres = $situation->mix->finalVolume->likely / 1000.0;
        if ($aftermath === null || $vessel === null || $aftermath->carbonDioxide <= 0.0 || $litres <= 0.0) {
            return;
        }
        $gas = GasPressure::ofCarbonDioxide($aftermath->carbonDioxide * $litres, 1000.0 * $litres, $vessel->headspaceMl, $this->reagents);
        if ($gas->gauge > self::NOTHING) {
            yield Finding::of('gas', Severity::Stop, 'gas.closed', [
                'litres' => $gas->litres,
                'grams' => $aftermath->carbonDioxide * $litres * 44.0095,
                'bar' => $gas->gauge * 1.01325,
                'headspace' => $vessel->headspaceMl,
            ], 'physical constant', 'high')->from('gas');
        }
    }
}
