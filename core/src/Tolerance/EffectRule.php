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

/**
 * Whether each substance is strong enough to do its work, judged on the lower end, and whether it is stronger than needed.
 */
final readonly class EffectRule implements Rule
{
    private Thresholds $leaves;

    /** @var array<string, Row> */
    private array $weeds;

    /** @var array<string, Row> */
    private array $roots;

    /** @var list<Row> */
    private array $helpers;

    public function __construct(Knowledge $knowledge)
    {
        $this->leaves = $knowledge->thresholds();
        $this->weeds = self::bySubstance($knowledge->rows('tolerances', 'weeds'));
        $this->roots = self::bySubstance($knowledge->rows('tolerances', 'roots'));
        $this->helpers = array_values($knowledge->rows('tolerances', 'helpers'));
    }

    public function judge(Situation $situation): iterable
    {
        $use = $situation->mix->recipe->use;
        foreach ($situation->mix->strengths as $strength) {
            if ($use->wetsLeaves() && $this->helps($situation, $strength)) {
                continue;
            }
            [$unit, $works, $basis, $sure] = $this->range($use, $strength->substance->id) ?? [null, null, '', ''];
            $finding = $unit === null || $works === null ? null : $this->finding($strength, $unit, $works, $basis, $sure);
            if ($finding !== null) {
                yield $finding;
            }
        }
    }

    /** Whether it is there to carry another substance, and strong enough for that: then it need not work by itself. */
    private function helps(Situation $situation, FinalStrength $strength): bool
    {
        foreach ($this->helpers as $row) {
            $amount = $strength->in($row->string('unit'));
            $works = $this->leaves->of($strength->substance->id)?->works;
            if ($amount === null || $works === null || ! in_array($strength->substance->id, $row->strings('substances'), true)) {
                continue;
            }
            foreach ($row->strings('with') as $other) {
                if ($situation->mix->strengthOf($other) !== null) {
                    return $amount->low >= $row->float('from') * (1 - 1e-9) && $amount->likely <= $works[1] * (1 + 1e-9);
                }
            }
        }

        return false;
    }

    /** @param  array{float, float}  $works */
    private function finding(FinalStrength $strength, string $unit, array $works, string $basis, string $sure): ?Finding
    {
        $amount = $strength->in($unit);
        if ($amount === null) {
            return null;
        }
        $key = match (true) {
            $amount->likely < $works[0] * (1 - 1e-9) => 'effect.too-weak',
            $amount->low < $works[0] * (1 - 1e-9) => 'effect.perhaps-too-weak',
            $amount->likely > $works[1] * (1 + 1e-9) => 'effect.more-than-needed',
            default => null,
        };

        return $key === null ? null : Finding::of('effect', Severity::Notice, $key, [
            'substance' => $strength->substance->name,
            'likely' => $amount->likely,
            'low' => $amount->low,
            'from' => $works[0],
            'to' => $works[1],
            'unit' => $unit,
        ], $basis, $sure, [$strength->substance->id]);
    }

    /** @return array{string, array{float, float}|null, string, string}|null unit, range, basis, how sure */
    private function range(UseOfSpray $use, string $substance): ?array
    {
        if ($use->wetsLeaves()) {
            $threshold = $this->leaves->of($substance);

            return $threshold === null ? null : [$threshold->unit, $threshold->works, $threshold->basis, $threshold->sure];
        }
        $row = match ($use) {
            UseOfSpray::Weed => $this->weeds[$substance] ?? null,
            UseOfSpray::Drench => $this->roots[$substance] ?? null,
            default => null,
        };
        $works = $row?->floats('works') ?? [];

        return $row === null || ! isset($works[0], $works[1])
            ? null
            : [$row->string('unit'), [$works[0], $works[1]], $row->string('basis'), $row->string('sure')];
    }

    /**
     * @param  array<string, Row>  $rows
     * @return array<string, Row>
     */
    private static function bySubstance(array $rows): array
    {
        $by = [];
        foreach ($rows as $row) {
            foreach ($row->strings('substances') as $substance) {
                $by[$substance] = $row;
            }
        }

        return $by;
    }
}
