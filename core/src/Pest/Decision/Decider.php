<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision;

use Nebbia\Core\Pest\Decision\Rules\BelowLevelRule;
use Nebbia\Core\Pest\Decision\Rules\EnemiesRule;
use Nebbia\Core\Pest\Decision\Rules\FallingRule;
use Nebbia\Core\Pest\Decision\Rules\FirstTacticsRule;
use Nebbia\Core\Pest\Decision\Rules\HarvestRule;
use Nebbia\Core\Pest\Decision\Rules\HopelessRule;
use Nebbia\Core\Pest\Decision\Rules\LookAlikeRule;
use Nebbia\Core\Pest\Decision\Rules\NothingHelpsRule;
use Nebbia\Core\Pest\Decision\Rules\SprayRule;
use Nebbia\Core\Pest\Decision\Rules\UncountedRule;
use Nebbia\Core\Pest\Decision\Rules\WeedRule;
use Nebbia\Core\Pest\Remedies;
use Nebbia\Core\Pest\Tactics;
use Nebbia\Core\Plant\Thresholds;

/** Puts the rules to a trouble in their order; the first that speaks decides, the cautions are added. */
final readonly class Decider
{
    /** The one list of rules, in the order in which they are asked. */
    public const RULES = [
        LookAlikeRule::class,
        WeedRule::class,
        HopelessRule::class,
        UncountedRule::class,
        BelowLevelRule::class,
        FallingRule::class,
        EnemiesRule::class,
        NothingHelpsRule::class,
        HarvestRule::class,
        FirstTacticsRule::class,
        SprayRule::class,
    ];

    /** @param  list<DecisionRule>  $rules */
    public function __construct(
        private array $rules,
        private Cautions $cautions,
        private Tactics $tactics,
        private Remedies $remedies,
        private Thresholds $thresholds,
    ) {}

    public function decide(Trouble $trouble): Decision
    {
        $means = Means::against($trouble, $this->tactics, $this->remedies, $this->thresholds);
        foreach ($this->rules as $rule) {
            $verdict = $rule->decide($trouble, $means);
            if ($verdict !== null) {
                return new Decision(
                    $verdict->choice,
                    $verdict->lookAgainInDays,
                    [$verdict->because, ...$this->cautions->of($verdict->choice, $trouble, $means)],
                    $means,
                );
            }
        }

        throw new \LogicException('The last rule always decides.');
    }
}
