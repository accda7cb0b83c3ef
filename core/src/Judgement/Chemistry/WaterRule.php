<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Chemistry;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\Effect\Emulsion;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Plant\Thresholds;

/** What hard water takes of the soap. Of water that nobody has measured only what would leave too little is said. */
final readonly class WaterRule implements Rule
{
    private const SOAPS = ['potassium-soap', 'sodium-soap'];

    private float $warn;

    private float $refuse;

    private string $basis;

    private string $sure;

    public function __construct(Table $chemistry, private Thresholds $thresholds, private Emulsion $emulsion)
    {
        $hard = $chemistry->part('hard');
        $this->warn = $hard->float('warn');
        $this->refuse = $hard->float('refuse');
        $this->basis = $hard->string('basis');
        $this->sure = $hard->string('sure');
    }

    public function grounds(): array
    {
        return [
            RuleGround::plain('water.hard', GroundTopic::Bottle, $this->basis, $this->sure, [
                'warn' => $this->warn,
                'refuse' => $this->refuse,
            ]),
        ];
    }

    public function sentences(): array
    {
        return ['water.soft', 'water.hard', 'water.very-hard'];
    }

    public function judge(Situation $situation): iterable
    {
        $taken = $situation->aftermath?->soapToWater;
        $water = $situation->circumstances->water;
        if ($taken === null || $water === null || ! $water->isKnown || $taken->likely <= 0.0) {
            return;
        }
        $soap = 0.0;
        $ids = [];
        foreach (self::SOAPS as $id) {
            $strength = $situation->mix->strengthOf($id)?->percentWv->likely;
            $soap += $strength ?? 0.0;
            $ids = $strength === null ? $ids : [...$ids, $id];
        }
        $hardness = $water->hardness->likely;
        $works = $this->thresholds->of('potassium-soap')->works[0] ?? 0.0;
        $key = match (true) {
            $hardness > $this->refuse => 'water.very-hard',
            $hardness > $this->warn => 'water.hard',
            default => 'water.soft',
        };
        // A little soap beside other things is there to wet: what the water takes of it is no matter, unless too little is left to hold the
        // oil well.
        $oil = $this->emulsion->oil($situation->mix) * $this->emulsion->comfortable() > $soap - $taken->likely;
        $matters = $oil || $soap >= $works * (1 - 1e-9);
        $spoils = $soap >= $works * (1 - 1e-9) && $soap - $taken->likely < 0.5 * $works;
        yield Finding::of(
            'water',
            match (true) {
                $hardness > $this->refuse || $spoils => Severity::Caution,
                $hardness > $this->warn && $matters => Severity::Notice,
                default => Severity::Fine,
            },
            $key,
            [
                'hardness' => $hardness,
                'taken' => $taken->likely,
                'soap' => $soap,
                'percent' => $soap > 0.0 ? (100.0 * $taken->likely) / $soap : 0.0,
                'left' => max(0.0, $soap - $taken->likely),
            ],
            $this->basis,
            $this->sure,
            $ids,
        )->from('water.hard');
    }
}
