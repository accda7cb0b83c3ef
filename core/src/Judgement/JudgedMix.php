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

    /** @return list<Finding> why it must not be mixed; what the sprayer last held is no reason, for a rinse mends that */
    public function stops(): array
    {
        return array_values(
            array_filter(
                $this->findings,
                static fn (Finding $one): bool => $one->severity === Severity::Stop &&
                    ! str_starts_with($one->what->key, 'sprayer.dangerous.'),
            ),
        );
    }

    /** @return list<Finding> the same of any day: a plant that is thirsty today is no reason against a round next week */
    public function lastingStops(): array
    {
        return array_values(
            array_filter($this->stops(), static fn (Finding $one): bool => ! in_array($one->rule, ['condition', 'hour'], true)),
        );
    }

    /** What it is to be known by though it is no more than a notice; null where there is no such thing. */
    public function leading(): ?Finding
    {
        foreach ($this->findings as $finding) {
            if ($finding->leads) {
                return $finding;
            }
        }

        return null;
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
