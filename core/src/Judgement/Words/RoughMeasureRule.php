<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Words;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Measure\AmountFormatter;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Mixing\MixLine;

/** Points out measures that say little (a squeeze), and doses too small for a spoon. */
final class RoughMeasureRule implements Rule
{
    /** A spoon that is off by more than this is no measure for the dose, percent. */
    private const WORST_SPOON_ERROR = 10.0;

    /** A unit that spans more than this, high over low, is worth a word. */
    private const ROUGH = 2.0;

    public function grounds(): array
    {
        return [RuleGround::plain('measure', GroundTopic::Measures, 'practice', 'medium')];
    }

    public function sentences(): array
    {
        return ['measure.rough', 'measure.too-small', 'measure.weigh-only', 'measure.ounces'];
    }

    public function judge(Situation $situation): iterable
    {
        foreach ($situation->mix->lines as $line) {
            $unit = $line->line->amount->unit;
            $params = ['ingredient' => $line->line->ingredient->name];
            if (
                ! $line->isCalibrated &&
                ! $unit->isPrecise() &&
                $unit->kind === UnitKind::Volume &&
                $unit->low !== null &&
                $unit->high !== null &&
                $unit->high->toFloat() / $unit->low->toFloat() > self::ROUGH
            ) {
                yield Finding::of(
                    'measure',
                    Severity::Notice,
                    'measure.rough',
                    $params + [
                        'amount' => AmountFormatter::people($line->line->amount),
                        'unit' => $unit->label,
                        'low' => $unit->low->toFloat(),
                        'high' => $unit->high->toFloat(),
                    ],
                    $unit->basis,
                    $unit->sure,
                )->from('measure');
            }
            if ($this->isTooSmall($line)) {
                yield Finding::of(
                    'measure',
                    Severity::Notice,
                    'measure.too-small',
                    $params + [
                        'ml' => $line->volumeMl ?? 0.0,
                        'measure' => $line->measure->pretty ?? '',
                        'error' => abs($line->measure->errorPercent ?? 0.0),
                    ],
                )->from('measure');
            }
            if ($line->line->ingredient->weighOnly) {
                yield Finding::of('measure', Severity::Caution, 'measure.weigh-only', $params, 'practice', 'medium')->from('measure');
            }
            if ($unit->id === 'oz' && $line->line->isPoured()) {
                yield Finding::of('measure', Severity::Notice, 'measure.ounces', $params)->from('measure');
            }
        }
    }

    /** Whoever writes grams weighs them. */
    private function isTooSmall(MixLine $line): bool
    {
        return $line->line->amount->unit->kind !== UnitKind::Mass &&
            $line->measure !== null &&
            $line->volumeMl !== null &&
            abs($line->measure->errorPercent) > self::WORST_SPOON_ERROR;
    }
}
