<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision;

use Nebbia\Core\Pest\Remedies;
use Nebbia\Core\Pest\Tactics;
use Nebbia\Core\Plant\Thresholds;

/** What there is to do about a trouble: its tactics and remedies, the best first. */
final readonly class Means
{
    /**
     * @param  list<RankedTactic>  $tactics
     * @param  list<RankedRemedy>  $remedies  with those that are of no use, at the end
     */
    private function __construct(public array $tactics, public array $remedies) {}

    public static function against(Trouble $trouble, Tactics $tactics, Remedies $remedies, Thresholds $thresholds): self
    {
        $ways = [];
        foreach ($tactics->all as $tactic) {
            $evidence = $tactic->for[$trouble->target->id] ?? null;
            if ($evidence !== null && $tactic->fits($trouble->indoors)) {
                $ways[] = new RankedTactic($tactic, $evidence, in_array($tactic->id, $trouble->tacticsTried, true));
            }
        }
        usort($ways, static fn (RankedTactic $a, RankedTactic $b): int => $b->rank() <=> $a->rank());
        $sprays = [];
        foreach ($remedies->all as $remedy) {
            $pairing = $remedy->pairings[$trouble->target->id] ?? null;
            if ($pairing !== null) {
                $sprays[] = RankedRemedy::of($remedy, $pairing, $trouble, $thresholds);
            }
        }
        usort($sprays, static fn (RankedRemedy $a, RankedRemedy $b): int => $b->rank() <=> $a->rank());

        return new self($ways, $sprays);
    }

    /** A tactic with better than weak evidence that has not been tried, and does not end the plant. */
    public function untried(): ?RankedTactic
    {
        foreach ($this->tactics as $ranked) {
            if (! $ranked->tried && ! $ranked->tactic->last && $ranked->evidence->rank() >= 2) {
                return $ranked;
            }
        }

        return null;
    }

    /** The best remedy that may be used now. */
    public function best(): ?RankedRemedy
    {
        $first = $this->remedies[0] ?? null;

        return $first !== null && $first->isOpen() ? $first : null;
    }

    /** Whether any remedy is of any use at all, were it not for the harvest. */
    public function anyHelps(): bool
    {
        foreach ($this->remedies as $ranked) {
            if ($ranked->pairing->evidence->rank() > 0) {
                return true;
            }
        }

        return false;
    }
}
