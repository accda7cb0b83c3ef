<?php

declare(strict_types=1);

namespace Nebbia\Core\Decision;

use Nebbia\Core\Decision\Rules\BelowLevelRule;
use Nebbia\Core\Decision\Rules\EnemiesRule;
use Nebbia\Core\Decision\Rules\FallingRule;
use Nebbia\Core\Decision\Rules\FirstTacticsRule;
use Nebbia\Core\Decision\Rules\HarvestRule;
use Nebbia\Core\Decision\Rules\HopelessRule;
use Nebbia\Core\Decision\Rules\LookAlikeRule;
use Nebbia\Core\Decision\Rules\NothingHelpsRule;
use Nebbia\Core\Decision\Rules\SprayRule;
use Nebbia\Core\Decision\Rules\UncountedRule;
use Nebbia\Core\Decision\Rules\WeedRule;
use Nebbia\Core\Knowledge\Knowledge;

/** Puts the rules to a trouble in their order; the first that speaks decides, the cautions are added. */
final readonly class Decider
{
    /** @param  list<DecisionRule>  $rules */
    private function __construct(private array $rules, private Cautions $cautions, private Knowledge $knowledge) {}

    /** The one list of rules, in the order in which they are asked. */
    public static function withAllRules(Knowledge $knowledge): self
    {
        $figures = new Figures($knowledge);

        return new self([
            new LookAlikeRule($figures),
            new WeedRule($figures),
            new HopelessRule($figures),
            new UncountedRule($figures),
            new BelowLevelRule($figures),
            new FallingRule($figures),
            new EnemiesRule($figures),
            new NothingHelpsRule($figures),
            new HarvestRule($figures),
            new FirstTacticsRule($figures),
            new SprayRule($figures),
        ], new Cautions, $knowledge);
    }

    public function decide(Trouble $trouble): Decision
    {
        $means = Means::against($trouble, $this->knowledge);
        foreach ($this->rules as $rule) {
            $verdict = $rule->decide($trouble, $means);
            if ($verdict !== null) {
                return new Decision($verdict->choice, $verdict->lookAgainInDays, [$verdict->because, ...$this->cautions->of($verdict->choice, $trouble, $means)], $means);
            }
        }

        throw new \LogicException('The last rule always decides.');
    }
}
