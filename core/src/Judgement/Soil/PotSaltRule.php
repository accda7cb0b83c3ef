<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Soil;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Plant\SensitivityGroup;

/**
 * Sodium in a pot, which no rain and no worm takes away: that of this round and of all before it, in the water that the pot holds. From
 * the fixed load of a bed on (H) it is a stop.
 */
final readonly class PotSaltRule implements Rule
{
    private Row $figures;

    private Soil $mix;

    private float $stop;

    public function __construct(Table $soil, private SodiumLoad $load)
    {
        $this->figures = $soil->part('pot');
        $this->mix = Soil::of(1.0, $this->figures->float('density'), $this->figures->float('exchange'));
        $this->stop = $soil->part('points')->float('stop');
    }

    public function grounds(): array
    {
        return [
            RuleGround::plain('soil.pot', GroundTopic::Soil, $this->figures->string('basis'), $this->figures->string('sure'), [
                'sensitive' => $this->figures->float('sensitive'),
                'ordinary' => $this->figures->float('ordinary'),
                'times' => $this->figures->float('caution_times'),
            ]),
        ];
    }

    public function sentences(): array
    {
        return ['soil.pot'];
    }

    public function judge(Situation $situation): iterable
    {
        $pot = $situation->circumstances->pot;
        $new = $pot === null ? 0.0 : $this->load->milligrams($situation->mix, $pot->mlEach);
        if ($pot === null || $new <= 0.0) {
            return;
        }
        $inWater = ($pot->sodiumMg + $new) / ($pot->litres * $this->figures->float('water'));
        $group = $situation->groupFor('salt');
        $notice = $this->figures->float($group === SensitivityGroup::Sensitive ? 'sensitive' : 'ordinary');
        // A pot of a litre is a soil of a metre's depth on a square decimetre: only its volume counts.
        $points = $this->mix->exchangeableRise(($pot->sodiumMg + $new) / $pot->litres);
        $severity = match (true) {
            $points >= $this->stop => Severity::Stop,
            $inWater >= $notice * $this->figures->float('caution_times') => Severity::Caution,
            $inWater >= $notice => Severity::Notice,
            default => null,
        };
        if ($severity !== null) {
            yield Finding::of(
                'soil',
                $severity,
                'soil.pot',
                [
                    'likely' => $inWater,
                    'notice' => $notice,
                    'plant' => $situation->plantName(),
                    'before' => (int) round((100.0 * $pot->sodiumMg) / ($pot->sodiumMg + $new)),
                    'flush' => $pot->litres * $this->figures->float('flush'),
                ],
                $this->figures->string('basis'),
                $this->figures->string('sure'),
            )->from('soil.pot');
        }
    }
}
