<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Steps;

use Nebbia\Core\Instructions\Steps\Rules\BaseFirst;
use Nebbia\Core\Instructions\Steps\Rules\CleanUp;
use Nebbia\Core\Instructions\Steps\Rules\CloseAndShake;
use Nebbia\Core\Instructions\Steps\Rules\LabelIt;
use Nebbia\Core\Instructions\Steps\Rules\LeadWithStops;
use Nebbia\Core\Instructions\Steps\Rules\PourInOrder;
use Nebbia\Core\Instructions\Steps\Rules\Protect;
use Nebbia\Core\Instructions\Steps\Rules\SteepAndStrain;
use Nebbia\Core\Instructions\Steps\Rules\ThinStocks;
use Nebbia\Core\Instructions\Steps\Rules\TopUp;
use Nebbia\Core\Instructions\Steps\Rules\WhileUsing;

/** What to do, one thing after the other, from the first caution to the last shake. */
final readonly class StepPlanner
{
    /** The one list of rules, in the order of the work: a new rule is added here. */
    public const RULES = [
        LeadWithStops::class,
        Protect::class,
        SteepAndStrain::class,
        ThinStocks::class,
        BaseFirst::class,
        PourInOrder::class,
        TopUp::class,
        CloseAndShake::class,
        LabelIt::class,
        WhileUsing::class,
        CleanUp::class,
    ];

    /** @param  list<StepRule>  $rules */
    public function __construct(private array $rules) {}

    /** @return list<MixingStep> */
    public function plan(MixingTask $work): array
    {
        $steps = [];
        foreach ($this->rules as $rule) {
            foreach ($rule->steps($work) as $step) {
                $steps[] = $step;
            }
        }

        return $steps;
    }
}
