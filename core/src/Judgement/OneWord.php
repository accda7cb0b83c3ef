<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;

/**
 * One thing, one word: what a stop has said is not said again of the sum, nothing beside it is "within what it bears", and that hard water
 * takes the soap is not said twice where the oil floats for it.
 */
final readonly class OneWord
{
    /**
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    public static function of(array $findings): array
    {
        $isStopped = $isBurnt = $floats = false;
        foreach ($findings as $one) {
            $isStop = $one->severity === Severity::Stop;
            $isStopped = $isStopped || $isStop;
            $isBurnt = $isBurnt || ($isStop && $one->rule === 'tolerance');
            $floats = $floats || $one->what->key === 'emulsifier.water.what';
        }

        return array_values(
            array_filter(
                $findings,
                static fn (Finding $one): bool => match ($one->rule) {
                    'tolerance' => ! $isStopped || $one->severity !== Severity::Fine,
                    'burden' => ! $isBurnt,
                    'water' => ! $floats,
                    default => true,
                },
            ),
        );
    }
}
