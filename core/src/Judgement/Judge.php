<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

use Nebbia\Core\Compatibility\DangerRule;
use Nebbia\Core\Compatibility\PairRule;
use Nebbia\Core\Formulation\Mix;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Tolerance\BurdenRule;
use Nebbia\Core\Tolerance\DisinfectingRule;
use Nebbia\Core\Tolerance\EffectRule;
use Nebbia\Core\Tolerance\NotedPlantRule;
use Nebbia\Core\Tolerance\StageRule;
use Nebbia\Core\Tolerance\ToleranceRule;
use Nebbia\Core\Tolerance\WeedSprayRule;

/** Puts every rule to a situation; the gravest findings come first. */
final readonly class Judge
{
    /** @param  list<Rule>  $rules */
    private function __construct(private array $rules) {}

    /** The one list of rules: a new rule is added here. */
    public static function withAllRules(Knowledge $knowledge): self
    {
        return new self([
            new DangerRule($knowledge),
            new PairRule($knowledge),
            new ToleranceRule($knowledge),
            new BurdenRule($knowledge),
            new NotedPlantRule($knowledge),
            new WeedSprayRule,
            new DisinfectingRule($knowledge),
            new EffectRule($knowledge),
            new UsualStrengthRule,
            new RoughMeasureRule,
            new BorrowedUnitRule($knowledge),
            new UnknownTargetRule($knowledge),
            new StageRule,
        ]);
    }

    public function judge(Situation $situation): Mix
    {
        $findings = [];
        foreach ($this->rules as $rule) {
            foreach ($rule->judge($situation) as $finding) {
                $findings[] = $finding;
            }
        }
        usort($findings, static fn (Finding $a, Finding $b): int => $b->severity->rank() <=> $a->severity->rank());

        return $situation->mix->withFindings($findings);
    }
}
