<?php

declare(strict_types=1);

namespace Nebbia\Core\Tolerance;

use Nebbia\Core\Formulation\FinalStrength;
use Nebbia\Core\Formulation\UseOfSpray;
use Nebbia\Core\Judgement\Finding;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\Severity;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Knowledge\Row;
use Nebbia\Core\Measure\Interval;
use Nebbia\Core\Plant\SensitivityGroup;

/**
 * Every substance against what the plant bears: on leaves for foliar sprays and dips, on roots for a drench.
 *
 * Stop needs the likely strength; where only the upper end gets there, the gardener is told to measure properly.
 */
final readonly class ToleranceRule implements Rule
{
    private const HALF = 0.5;

    private Thresholds $leaves;

    /** @var array<string, Row> */
    private array $roots;

    public function __construct(Knowledge $knowledge)
    {
        $this->leaves = $knowledge->thresholds();
        $roots = [];
        foreach ($knowledge->rows('tolerances', 'roots') as $row) {
            foreach ($row->strings('substances') as $substance) {
                $roots[$substance] = $row;
            }
        }
        $this->roots = $roots;
    }

    public function judge(Situation $situation): iterable
    {
        $use = $situation->mix->recipe->use;
        if (! $use->wetsLeaves() && $use !== UseOfSpray::Drench) {
            return;
        }
        foreach ($situation->mix->strengths as $strength) {
            if ($strength->percentWv->likely > 0.0) {
                yield $this->finding($situation, $strength, $use);
            }
        }
    }

    private function finding(Situation $situation, FinalStrength $strength, UseOfSpray $use): Finding
    {
        $substance = $strength->substance->id;
        $threshold = $this->leaves->of($substance);
        $amount = $threshold === null ? null : $strength->in($threshold->unit);
        if ($use === UseOfSpray::Drench && isset($this->roots[$substance])) {
            return $this->onRoots($situation, $strength, $this->roots[$substance]);
        }
        if ($threshold === null || $amount === null || ($use === UseOfSpray::Drench && $threshold->drench === 'none')) {
            return Finding::of('tolerance', Severity::Notice, $use === UseOfSpray::Drench ? 'tolerance.unknown-roots' : 'tolerance.unknown', [
                'substance' => $strength->substance->name,
                'plant' => $situation->plantName(),
            ], 'practice', 'low', [$substance]);
        }
        $group = $situation->groupFor($threshold->listedAs);
        $factor = $use === UseOfSpray::Drench && $threshold->drench === 'half' ? self::HALF : 1.0;
        $verdict = $threshold->verdict($amount, $group, $factor);

        return Finding::of(
            'tolerance',
            $verdict->severity(),
            $this->key($threshold, $group, $verdict),
            $this->params($situation, $strength, $amount, $threshold->unit, $group) + [
                'careful' => $threshold->careful($group) * $factor,
                'stop' => ($threshold->stop($group) ?? 0.0) * $factor,
            ],
            $threshold->basis,
            $threshold->sure,
            [$substance],
        );
    }

    private function onRoots(Situation $situation, FinalStrength $strength, Row $row): Finding
    {
        $unit = $row->string('unit');
        $amount = $strength->in($unit) ?? $strength->percentWv;
        $group = $situation->groupFor('peroxide');
        $careful = $row->row('careful')->float($group->value);
        $verdict = match (true) {
            Threshold::reaches($amount->likely, $careful) => Verdict::Careful,
            Threshold::reaches($amount->high, $careful) => Verdict::PerhapsCareful,
            default => Verdict::Fine,
        };

        return Finding::of(
            'tolerance',
            $verdict->severity(),
            'tolerance.roots.'.$verdict->value,
            $this->params($situation, $strength, $amount, $unit, $group) + ['careful' => $careful],
            $row->string('basis'),
            $row->string('sure'),
            [$strength->substance->id],
        );
    }

    private function key(Threshold $threshold, SensitivityGroup $group, Verdict $verdict): string
    {
        // A threshold of nothing is one that no strength stays under; it has words of its own.
        return $threshold->careful($group) === 0.0 && $threshold->note !== null
            ? "tolerance.$threshold->note.".$verdict->value
            : 'tolerance.'.$verdict->value;
    }

    /** @return array<string, string|float> */
    private function params(Situation $situation, FinalStrength $strength, Interval $amount, string $unit, SensitivityGroup $group): array
    {
        return [
            'substance' => $strength->substance->name,
            'plant' => $situation->plantName(),
            'group' => $group->value,
            'likely' => $amount->likely,
            'low' => $amount->low,
            'high' => $amount->high,
            'unit' => $unit,
        ];
    }
}
