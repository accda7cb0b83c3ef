<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;

/** The figures of decision.yaml, and the way in which every rule speaks. */
final readonly class DecisionFigures
{
    public float $farAbove;

    public float $fastDays;

    public float $hopelessPercent;

    public float $soonDays;

    public function __construct(private Table $decision)
    {
        $figure = static fn (string $name): float => $decision->part($name)->float('likely');
        $this->farAbove = $figure('far_above');
        $this->fastDays = $figure('fast_days');
        $this->hopelessPercent = $figure('hopeless');
        $this->soonDays = $figure('soon');
    }

    public function lookAgain(string $case): int
    {
        return (int) $this->decision->part('look_again')->float($case);
    }

    /** @param  array<string, string|int|float|Message>  $more */
    public function verdict(
        Choice $choice,
        string $key,
        Trouble $trouble,
        int $lookAgain,
        array $more = [],
        ?Severity $severity = null,
    ): DecisionVerdict {
        $params =
            ['target' => $trouble->target->name, 'plant' => $trouble->plant->name, 'days' => $lookAgain] + self::level($trouble) + $more;
        $severity ??= $choice === Choice::Leave ? Severity::Fine : Severity::Notice;
        $ground = $trouble->target->watchUntil;

        return new DecisionVerdict(
            $choice,
            Finding::of($key, $severity, "decision.$key", $params, $ground->basis ?? 'practice', $ground->sure ?? 'low'),
            $lookAgain,
        );
    }

    /** @return array<string, string|Message> */
    private static function level(Trouble $trouble): array
    {
        $params = ['count' => '', 'level' => '', 'measure' => ''];
        if ($trouble->sample !== null) {
            $params['count'] = KitchenFraction::figures($trouble->sample->mean->likely);
        }
        if ($trouble->target->watchUntil !== null) {
            $params['level'] = KitchenFraction::figures($trouble->target->watchUntil->level->likely);
            $params['measure'] = Message::of('measure.'.$trouble->target->watchUntil->measure->value);
        }

        return $params;
    }
}
