<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

use Nebbia\Core\Chemistry\Reactor;
use Nebbia\Core\Chemistry\Waters;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Judgement\Care\CareRule;
use Nebbia\Core\Judgement\Care\FoodRule;
use Nebbia\Core\Judgement\Care\TobaccoRule;
use Nebbia\Core\Judgement\Care\WrongBottleRule;
use Nebbia\Core\Judgement\Chemistry\GasRule;
use Nebbia\Core\Judgement\Chemistry\PhRule;
use Nebbia\Core\Judgement\Chemistry\WaterRule;
use Nebbia\Core\Judgement\Compatibility\DangerRule;
use Nebbia\Core\Judgement\Compatibility\JarTestRule;
use Nebbia\Core\Judgement\Compatibility\PairRule;
use Nebbia\Core\Judgement\Compatibility\SpacingRule;
use Nebbia\Core\Judgement\Compatibility\SprayerRule;
use Nebbia\Core\Judgement\Effect\EffectRule;
use Nebbia\Core\Judgement\Effect\EmulsifierRule;
use Nebbia\Core\Judgement\Evidence\EvidenceRule;
use Nebbia\Core\Judgement\Evidence\NeverRule;
use Nebbia\Core\Judgement\Hour\HourRule;
use Nebbia\Core\Judgement\Soil\PotSaltRule;
use Nebbia\Core\Judgement\Soil\SodiumRule;
use Nebbia\Core\Judgement\Tolerance\BurdenRule;
use Nebbia\Core\Judgement\Tolerance\ConditionRule;
use Nebbia\Core\Judgement\Tolerance\NotedPlantRule;
use Nebbia\Core\Judgement\Tolerance\ToleranceRule;
use Nebbia\Core\Judgement\Tolerance\UnknownIngredientRule;
use Nebbia\Core\Judgement\Tolerance\UnknownPlantRule;
use Nebbia\Core\Judgement\Use\DisinfectingRule;
use Nebbia\Core\Judgement\Use\PreparationRule;
use Nebbia\Core\Judgement\Use\SurfaceRule;
use Nebbia\Core\Judgement\Use\WeedSprayRule;
use Nebbia\Core\Judgement\Words\BorrowedUnitRule;
use Nebbia\Core\Judgement\Words\ClaimRule;
use Nebbia\Core\Judgement\Words\RoughMeasureRule;
use Nebbia\Core\Judgement\Words\UnknownTargetRule;
use Nebbia\Core\Judgement\Words\UsualStrengthRule;

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
        NeverRule::class,
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
        PotSaltRule::class,
        NotedPlantRule::class,
        UnknownIngredientRule::class,
        UnknownPlantRule::class,
        SurfaceRule::class,
        WeedSprayRule::class,
        DisinfectingRule::class,
        EffectRule::class,
        EmulsifierRule::class,
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
        public array $rules,
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

        return new JudgedMix($situation, OneWord::of($findings));
    }
}
