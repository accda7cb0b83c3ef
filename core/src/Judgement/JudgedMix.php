<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

use Nebbia\Core\Chemistry\Aftermath;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Mixing\Mix;

/** A mix in its situation, with what it has become and all that there is to say of it. */
final readonly class JudgedMix
{
    public Mix $mix;

    /** Null where nothing in it reacts. */
    public ?Aftermath $aftermath;

    /** @param  list<Finding>  $findings  the gravest first */
    public function __construct(public Situation $situation, public array $findings)
    {
        $this->mix = $situation->mix;
        $this->aftermath = $situation->aftermath;
    }

    /**
     * Of the same mix in several situations the one that is worst; of equal ones the first. Null where there is none.
     *
     * @param  list<self>  $of
     */
    public static function gravest(array $of): ?self
    {
        $gravest = null;
        foreach ($of as $one) {
            if ($gravest === null || $one->worst()->rank() > $gravest->worst()->rank()) {
                $gravest = $one;
            }
        }

        return $gravest;
    }

    public function worst(): Severity
    {
        $worst = Severity::Fine;
        foreach ($this->findings as $finding) {
            $worst = $finding->severity->orWorse($worst);
        }

        return $worst;
    }
}
