<?php

declare(strict_types=1);

namespace Nebbia\Core\Making;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\Chemistry\AshLimits;
use Nebbia\Core\Judgement\Judge;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\Mix;

/**
 * What there is to say of what goes into a pot or a jar: the dangers of the things themselves, by the same rows and with the same severity
 * as in a mix, spirit too weak to keep what is in it, and ash water that is lye. How it is borne by leaves is judged when it is thinned.
 */
final readonly class MakingJudge
{
    /** Rules that speak of things, and not of a plant. */
    private const OF_THINGS = ['danger', 'compatibility', 'tobacco', 'gas'];

    /** Said of a spray, not of a pot. */
    private const OF_SPRAYS = ['danger.oil-needs-emulsifier', 'danger.pepper-eyes', 'danger.alcohol-flame'];

    private Row $spirit;

    public function __construct(private Judge $judge, private AshLimits $ash, Table $preparations)
    {
        $this->spirit = $preparations->part('spirit');
    }

    /** @return list<Finding> the gravest first; what is fine is not said */
    public function judge(Preparation $preparation): array
    {
        $pot = $preparation->pot;
        if ($pot === null) {
            return [];
        }
        $found = array_values(
            array_filter(
                $this->judge->judge(Situation::of($pot))->findings,
                static fn (Finding $one): bool => $one->severity !== Severity::Fine
                    && in_array($one->rule, self::OF_THINGS, true)
                    && ! in_array($one->ground, self::OF_SPRAYS, true),
            ),
        );
        // What must not go in at all need not be strong enough, or measured.
        if (($found[0]->severity ?? null) !== Severity::Stop) {
            array_push($found, ...$this->ofSpirit($preparation, $pot), ...$this->ofAsh($preparation, $pot));
        }
        usort($found, static fn (Finding $a, Finding $b): int => $b->severity->rank() <=> $a->severity->rank());

        return $found;
    }

    /** @return list<Finding> */
    private function ofSpirit(Preparation $preparation, Mix $pot): array
    {
        if ($preparation->making->kind->method->id !== $this->spirit->string('method')) {
            return [];
        }
        $strength = 0.0;
        foreach ($this->spirit->strings('substances') as $id) {
            $strength += $pot->strengthOf($id)?->percentVv->likely ?? 0.0;
        }
        $least = $this->spirit->float('likely');

        return $strength >= $least * (1 - 1e-9)
            ? []
            : [
                Finding::of(
                    'making',
                    Severity::Caution,
                    'making.weak-spirit',
                    ['likely' => $strength, 'least' => $least],
                    $this->spirit->string('basis'),
                    $this->spirit->string('sure'),
                ),
            ];
    }

    /** @return list<Finding> */
    private function ofAsh(Preparation $preparation, Mix $pot): array
    {
        if (($pot->strengthOf('wood-ash')->percentWv->likely ?? 0.0) <= 0.0) {
            return [];
        }
        $ph = $preparation->making->ph;
        $severity = $ph === null ? Severity::Caution : $this->ash->severity($ph);

        return $severity === Severity::Fine
            ? []
            : [
                Finding::of(
                    'making',
                    $severity,
                    'making.ash',
                    ['ph' => $ph ?? 0.0, 'measured' => $ph === null ? 'no' : 'yes'],
                    'practice',
                    'medium',
                ),
            ];
    }
}
