<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Need;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Plant\Plant;
use Nebbia\Core\Plant\Stage;

/** How much spray plants take: from their number and size, what is done with it, and what was used before. */
final class NeedEstimator
{
    private readonly Row $figures;

    /** @var list<Coverage>|null made when plants are first asked about; a vessel asks only what stays in it */
    private ?array $coverages = null;

    public function __construct(Table $coverage)
    {
        $this->figures = $coverage->whole();
    }

    /**
     * @param  list<Stand>  $stands
     * @param  bool  $wets  whether something in it spreads the drops, as soap and oil do
     * @param  float|null  $groundM2  of open ground, for that use
     *
     * @throws NeedException if nothing is named, or a size is missing that the use cannot do without
     */
    public function need(array $stands, Wetting $wetting, bool $wets = false, ?float $groundM2 = null): Need
    {
        if ($wetting === Wetting::Ground) {
            return Need::of([$this->ground($groundM2)]);
        }
        if ($stands === []) {
            throw NeedException::nothing();
        }

        return Need::of(array_map(
            fn (Stand $stand): StandNeed => $this->corrected($stand, $this->stand($stand, $wetting, $wets)),
            $stands,
        ));
    }

    /** Whether something in it spreads the drops. */
    public function spreads(Mix $mix): bool
    {
        foreach ($this->figures->strings('spreads') as $substance) {
            if (($mix->strengthOf($substance)->percentWv->likely ?? 0.0) > 0.0) {
                return true;
            }
        }

        return false;
    }

    /** What stays in a vessel of that capacity, mL. */
    public function dead(float $capacityMl): Interval
    {
        $isBottle = $capacityMl <= $this->figures->row('bottle_up_to_ml')->float('likely');

        return $this->figures
            ->row('dead')
            ->row($isBottle ? 'bottle' : 'pump')
            ->interval();
    }

    /** The part to make on top, for what is not foreseen. */
    public function extra(): float
    {
        return $this->figures->row('extra')->float('likely');
    }

    private function stand(Stand $stand, Wetting $wetting, bool $wets): StandNeed
    {
        if ($wetting === Wetting::Drench) {
            $pot = $stand->potL ?? throw NeedException::noPot($stand->name);
            $row = $this->figures->row('drench_per_litre_of_pot');

            return $this->each($stand, $row->interval()->times($pot), Message::of('need.drench', ['litres' => $pot]), $row);
        }
        $mist = $wetting === Wetting::Mist ? $this->figures->row('mist')->interval() : Interval::exactly(1.0);
        if ($stand->areaM2 !== null) {
            $isYoung = $stand->stage === Stage::Seedling || $stand->stage === Stage::Young || $stand->stage === Stage::Cutting;
            $row = $this->figures->row('beds')->row($isYoung ? 'young' : 'full');

            return StandNeed::of(
                $stand->name,
                null,
                $this->spread($row->interval(), $wets)->times($stand->areaM2)->times($mist),
                Message::of($isYoung ? 'need.bed-young' : 'need.bed-full', ['area' => $stand->areaM2]),
                $row->string('basis'),
                $row->string('sure'),
            );
        }
        $coverage = $this->coverage($stand->plant);
        $known = $stand->heightCm !== null;
        $ml = match (true) {
            $known => $coverage->at($stand->heightCm ?? 0.0),
            $stand->stage === Stage::Seedling || $stand->stage === Stage::Cutting => $this->coverage($stand->plant)->at(7.5),
            default => $coverage->unsized(),
        };

        return StandNeed::of(
            $stand->name,
            $each = $this->spread($ml, $wets)->times($mist),
            $each->times((float) $stand->number),
            Message::of($known ? 'need.by-height' : 'need.unsized', [
                'number' => $stand->number,
                'cm' => $stand->heightCm ?? $coverage->unsizedCm,
            ]),
            $coverage->basis(),
            $known ? $coverage->sure() : 'low',
        );
    }

    /** With something in it that spreads the drops the lower end is lower, in the ratio that leaf area has. */
    private function spread(Interval $ml, bool $wets): Interval
    {
        if (! $wets) {
            return $ml;
        }
        $leaf = $this->figures->row('leaf_area');

        return Interval::of(($ml->low * $leaf->row('wetted')->float('low')) / $leaf->row('plain')->float('low'), $ml->likely, $ml->high);
    }

    private function each(Stand $stand, Interval $each, Message $because, Row $row): StandNeed
    {
        return StandNeed::of(
            $stand->name,
            $each,
            $each->times((float) $stand->number),
            $because,
            $row->string('basis'),
            $row->string('sure'),
        );
    }

    private function corrected(Stand $stand, StandNeed $need): StandNeed
    {
        if ($stand->used === []) {
            return $need;
        }
        $total = Usage::correct($need->total, $stand->used, $this->figures->row('evening')->float('likely'));

        return StandNeed::of(
            $need->name,
            $need->each === null ? null : $total->times(1 / $stand->number),
            $total,
            Message::of('need.by-log', ['times' => count($stand->used), 'before' => $need->because]),
            'own trial',
            $need->sure,
        );
    }

    private function ground(?float $m2): StandNeed
    {
        if ($m2 === null || $m2 <= 0.0) {
            throw NeedException::noGround();
        }
        $row = $this->figures->row('ground');

        return StandNeed::of(
            '',
            null,
            $row->interval()->times($m2),
            Message::of('need.ground', ['area' => $m2]),
            $row->string('basis'),
            $row->string('sure'),
        );
    }

    private function coverage(Plant $plant): Coverage
    {
        $this->coverages ??= array_values(array_map(Coverage::fromRow(...), $this->figures->rows('plants')));
        $best = $this->coverages[0];
        foreach ($this->coverages as $coverage) {
            $best = $coverage->fits($plant) > $best->fits($plant) ? $coverage : $best;
        }

        return $best;
    }
}
