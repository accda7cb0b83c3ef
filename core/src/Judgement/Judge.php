<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

use Nebbia\Core\Care\CareRule;
use Nebbia\Core\Chemistry\GasRule;
use Nebbia\Core\Chemistry\PhRule;
use Nebbia\Core\Chemistry\Reactor;
use Nebbia\Core\Chemistry\WaterRule;
use Nebbia\Core\Chemistry\Waters;
use Nebbia\Core\Claim\ClaimRule;
use Nebbia\Core\Compatibility\DangerRule;
use Nebbia\Core\Compatibility\JarTestRule;
use Nebbia\Core\Compatibility\PairRule;
use Nebbia\Core\Compatibility\SpacingRule;
use Nebbia\Core\Compatibility\SprayerRule;
use Nebbia\Core\Evidence\EvidenceRule;
use Nebbia\Core\Food\FoodRule;
use Nebbia\Core\Hazard\TobaccoRule;
use Nebbia\Core\Hazard\WrongBottleRule;
use Nebbia\Core\Hour\HourRule;
use Nebbia\Core\Making\PreparationRule;
use Nebbia\Core\Soil\SodiumRule;
use Nebbia\Core\Tolerance\BurdenRule;
use Nebbia\Core\Tolerance\ConditionRule;
use Nebbia\Core\Tolerance\DisinfectingRule;
use Nebbia\Core\Tolerance\EffectRule;
use Nebbia\Core\Tolerance\NotedPlantRule;
use Nebbia\Core\Tolerance\SurfaceRule;
use Nebbia\Core\Tolerance\ToleranceRule;
use Nebbia\Core\Tolerance\WeedSprayRule;

/** Puts every rule to a situation; the gravest findings come first. */
final readonly class Judge
{
    /** The one list of rules: a new rule is added here. */
    public const RULES = [
        DangerRule::class,
        PreparationRule::class,
        TobaccoRule::class,
        PairRule::class,
        GasRule::class,
        ConditionRule::class,
        EvidenceRule::class,
        HourRule::class,
        ToleranceRule::class,
        BurdenRule::class,
        PhRule::class,
        SprayerRule::class,
        SpacingRule::class,
        FoodRule::class,
        CareRule::class,
        SodiumRule::class,
        NotedPlantRule::class,
        SurfaceRule::class,
        WeedSprayRule::class,
        DisinfectingRule::class,
        EffectRule::class,
        WaterRule::class,
        ClaimRule::class,
        WrongBottleRule::class,
        UsualStrengthRule::class,
        RoughMeasureRule::class,
        BorrowedUnitRule::class,
        UnknownTargetRule::class,
        JarTestRule::class,
    ];

    /** @param  list<Rule>  $rules */
    public function __construct(
        private array $rules,
        private Reactor $reactor,
        private Waters $waters,
    ) {}

    /** The mix with what it has become, and all that there is to say of it. */
    public function judge(Situation $situation): JudgedMix
    {
        $situation = $situation->after($this->reactor->react($situation->mix, $situation->circumstances->water ?? $this->waters->usual()));
        $findings = [];
        foreach ($this->rules as $rule) {
            foreach ($rule->judge($situation) as $finding) {
                $findings[] = $finding;
            }
        }
        usort($findings, static fn (Finding $a, Finding $b): int => $b->severity->rank() <=> $a->severity->rank());

        return new JudgedMix($situation, $findings);
    }
}
